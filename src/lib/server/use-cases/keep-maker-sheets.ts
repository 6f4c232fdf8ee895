import { refuseSheet, type MakerSheet } from '#core/catalogue';
import { getSheetKey, type SheetEdit, type SheetsPage, type WireRefusal } from '#core/formats';
import { accept, isSameJson, mergeEdit, refuse, type Json, type Result } from '#core/outcome';
import { LIMITS } from '#core/shapes';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { holdCrew } from '../repositories/crews.ts';
import {
  findMakerSheets,
  listMakerSheets,
  listSheetNames,
  putMakerSheets,
  removeMakerSheets,
  type SheetName,
} from '../repositories/maker-sheets.ts';

/** How many sheets are told at once. */
const PAGE = 20;

/** The makers’ sheets of the shop, in the order in which they were added: a page, after the one that was named. */
export async function readMakerSheets(
  db: Database,
  { crew }: Actor,
  after: string | null,
): Promise<Result<SheetsPage, WireRefusal>> {
  const sheets = await db.use((on) => listMakerSheets(on, crew, after, PAGE + 1));
  const page = sheets.slice(0, PAGE);
  return accept({ sheets: page, next: sheets.length > PAGE ? page.at(-1)!.id : null });
}

/**
 * Changes makers’ sheets, all or none: adds, changes, takes away. Refused: a sheet that does not hold together, two of one maker, way of joining and name, one
 * that was changed meanwhile. Gives those that were wanted, as they are kept.
 */
export async function keepMakerSheets(
  db: Database,
  { crew }: Actor,
  edits: readonly SheetEdit[],
): Promise<Result<MakerSheet[], WireRefusal>> {
  return db.transaction(async (tx) => {
    await holdCrew(tx, crew);
    const ids = edits.map(({ was, wanted }) => (wanted ?? was)!.id);
    const kept = new Map((await findMakerSheets(tx, crew, ids)).map((sheet) => [sheet.id, sheet]));
    const gone = new Set<string>();
    for (const edit of edits) {
      const merged = putEdit(kept.get((edit.wanted ?? edit.was)!.id) ?? null, edit);
      if (!merged.ok) return merged;
      const { id } = (edit.wanted ?? edit.was)!;
      if (merged.value) kept.set(id, merged.value);
      else kept.delete(id);
      if (merged.value) gone.delete(id);
      else gone.add(id);
    }
    const changed = [...kept.values()];
    const refusal = changed.map(refuseSheet).find((each) => each !== null);
    if (refusal) return refuse(refusal);
    const others = (await listSheetNames(tx, crew)).filter(({ id }) => !gone.has(id) && !kept.has(id));
    const all: readonly SheetName[] = [...others, ...changed];
    if (all.length > LIMITS.sheets) return refuse({ code: 'sheets-full', most: LIMITS.sheets });
    const twice = findTwice(all);
    if (twice) return refuse({ code: 'sheet-named-twice', maker: twice.maker, source: twice.source });
    await removeMakerSheets(tx, crew, [...gone]);
    await putMakerSheets(tx, crew, changed);
    return accept(changed);
  });
}

/** The first sheet that is called as one before it. */
function findTwice(sheets: readonly SheetName[]): SheetName | null {
  const seen = new Set<string>();
  for (const sheet of sheets) {
    const key = getSheetKey(sheet);
    if (seen.has(key)) return sheet;
    seen.add(key);
  }
  return null;
}

const isSame = (a: MakerSheet, b: MakerSheet): boolean =>
  isSameJson(a as unknown as Json, b as unknown as Json);

/** An edit put into the sheet as it is kept; null where it is to go. One that is gone already stays so. */
function putEdit(now: MakerSheet | null, { was, wanted }: SheetEdit): Result<MakerSheet | null, WireRefusal> {
  if (!now) return accept(wanted);
  const clash = (fields: readonly string[]) =>
    refuse({ code: 'changed-elsewhere', of: 'sheet', name: now.maker, fields } as const);
  if (!wanted) return was && isSame(now, was) ? accept(null) : clash(['rows']);
  if (!was) return isSame(now, wanted) ? accept(now) : clash(Object.keys(wanted));
  const merged = mergeEdit(now, was, wanted);
  return merged.ok ? merged : clash(merged.refusal.fields);
}
