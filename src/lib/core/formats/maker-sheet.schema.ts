import Joi from 'joi';
import { MAKER_SHEET, refuseSheet, type MakerSheet, type SheetRefusal } from '#core/catalogue';
import { refuse, type Result } from '#core/outcome';
import { LIMITS } from '#core/shapes';
import { idSchema } from './id.schema.ts';
import { readWith, type InputRefusal } from './read-with.ts';
import { toJoi } from './to-joi.ts';

/** What one maker’s sheet says, as it is stored, sent and put in files. */
const makerSheetSchema = toJoi(MAKER_SHEET);

/** Reads sheets, and whether each holds together. */
export function readSheet(value: unknown): Result<MakerSheet, InputRefusal | SheetRefusal> {
  const read = readWith<MakerSheet>(makerSheetSchema, value);
  const refusal = read.ok ? refuseSheet(read.value) : null;
  return refusal ? refuse(refusal) : read;
}

/** A change of a sheet, with what it rests on; null where it was not there, or is to go. */
export interface SheetEdit {
  readonly was: MakerSheet | null;
  readonly wanted: MakerSheet | null;
}
export const sheetEditsSchema = Joi.array<SheetEdit[]>()
  .items(
    Joi.object<SheetEdit>({
      was: makerSheetSchema.allow(null),
      wanted: makerSheetSchema.allow(null),
    })
      .custom((edit: SheetEdit, { error }) => (edit.was || edit.wanted ? edit : error('any.required')))
      .optional(),
  )
  .max(LIMITS.sheets)
  .required();

/** A page of a shop’s sheets; `next` is the sheet after which the next begins, null on the last. */
export interface SheetsPage {
  readonly sheets: readonly MakerSheet[];
  readonly next: string | null;
}
export const sheetsPageSchema = Joi.object<SheetsPage>({
  sheets: Joi.array().items(makerSheetSchema.optional()).max(LIMITS.sheets).required(),
  next: idSchema.allow(null),
}).required();

/** The sheets as the server says that it has kept them. */
export const sheetsSchema = Joi.array<MakerSheet[]>()
  .items(makerSheetSchema.optional())
  .max(LIMITS.sheets)
  .required();
