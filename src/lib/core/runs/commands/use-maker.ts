import {
  readTubePartId,
  refuseSheet,
  type SheetRefusal,
  type SheetSays,
  type TubeJoin,
} from '#core/catalogue';
import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import type { RunDoc, RunMaker } from '#core/runs/document';
import { insertOp, removeOp, replaceOp } from './make-op.ts';

/** The parts of a way of joining that were measured in this run. */
const listMeasured = (doc: RunDoc, join: TubeJoin) =>
  Object.values(doc.ownParts).filter(({ of }) => readTubePartId(of)?.join === join);

/**
 * Plans whose parts of a way of joining the run uses: from then on that maker’s sheet, as it is now, is gone by. Null: it is not known, and what is
 * published of all makers holds. What was measured on one maker’s parts is taken back with them: it says nothing of another’s. Measured before any maker
 * was named, it stays. Refused: a sheet that does not hold together.
 */
export function planUseMaker(
  doc: RunDoc,
  join: TubeJoin,
  sheet: SheetSays | null,
): Result<PlannedChange, SheetRefusal> {
  const refusal = sheet && refuseSheet(sheet);
  if (refusal) return refuse(refusal);
  const label = { command: 'use-maker', leg: null, turn: null } as const;
  const before = doc.makers[join] ?? null;
  const wanted: RunMaker | null = sheet && {
    id: join,
    maker: sheet.maker,
    join,
    source: sheet.source,
    rows: sheet.rows,
  };
  const taken: readonly Op[] =
    before && before.maker !== wanted?.maker
      ? listMeasured(doc, join).map((own) => removeOp('ownParts', own))
      : [];
  if (!before) return accept({ label, ops: wanted ? [insertOp('makers', wanted)] : [] });
  if (!wanted) return accept({ label, ops: [...taken, removeOp('makers', before)] });
  return accept({ label, ops: [...taken, ...replaceOp('makers', before, wanted)] });
}
