import { refuseSheet, SHEET_FIELDS, SHEET_JOINS } from '#core/catalogue';
import { fields, oneOf, type TypeOf } from '#core/shapes';
import { recordKind } from './record-kind.ts';

const shape = fields(
  { id: oneOf(SHEET_JOINS), ...SHEET_FIELDS },
  (maker) => maker.id === maker.join && refuseSheet(maker) === null,
);

/** Whose parts of a way of joining the run uses, under its name: the sheet as it was when that was said. */
export type RunMaker = TypeOf<typeof shape>;

/** One maker a way of joining: parts of two are not mixed. */
export const MAKERS = recordKind<RunMaker>(shape, SHEET_JOINS.length, {
  keys: new RegExp(`^(?:${SHEET_JOINS.join('|')})$`),
});
