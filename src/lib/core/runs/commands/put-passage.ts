import { accept, refuse, type Result } from '#core/outcome';
import { isPassedUpright, type Guard, type PassageKind } from '#core/permissions';
import type { PlannedChange } from '#core/runs/changes';
import { getLegVector, hasPipe, findLeg, getLeg, type Passage, type RunDoc } from '#core/runs/document';
import type { UnknownLeg } from './change-measure.ts';
import { insertOp, removeOp, setOp } from './make-op.ts';
import type { NewId } from './new-ids.ts';

export type PassageRefusal =
  | UnknownLeg
  | { readonly code: 'leg-has-no-pipe'; readonly mark: string }
  /** A flexible connector passes nothing. */
  | { readonly code: 'passage-by-connector'; readonly mark: string }
  /** A level leg passes no floor, an upright one no wall. */
  | { readonly code: 'passage-at-no-wall'; readonly kind: PassageKind; readonly mark: string };

/** Nearer to level, or to upright, than this it does not go through what stands so, or lies so. */
const LEAST_COSINE = 1e-3;

/** Plans a floor or a wall that a leg passes. Refuses a floor along a level leg and a wall along an upright one: there is none there. */
export function planPutPassage(
  doc: RunDoc,
  leg: string,
  { kind, share, guard }: Pick<Passage, 'kind' | 'share' | 'guard'>,
  newId: NewId,
): Result<PlannedChange, PassageRefusal> {
  const found = findLeg(doc, leg);
  if (!found) return refuse({ code: 'leg-unknown', leg });
  const mark = String(found.tag);
  if (found.geometry.kind === 'connector') return refuse({ code: 'passage-by-connector', mark });
  if (!hasPipe(found)) return refuse({ code: 'leg-has-no-pipe', mark });
  const { x, y, z } = getLegVector(found);
  const through = isPassedUpright(kind) ? Math.abs(z) : Math.hypot(x, y);
  if (through < LEAST_COSINE) return refuse({ code: 'passage-at-no-wall', kind, mark });
  const passage: Passage = { id: newId(), leg, kind, share, guard };
  return accept({
    label: { command: 'put-passage', leg: found.tag, turn: null },
    ops: [insertOp('passages', passage)],
  });
}

/** Plans what keeps the edge of a hole from the pipe that passes. */
export function planGuardPassage(
  doc: RunDoc,
  passage: string,
  guard: Guard | null,
): Result<PlannedChange, UnknownLeg> {
  const found = Object.hasOwn(doc.passages, passage) ? doc.passages[passage]! : null;
  if (!found) return refuse({ code: 'leg-unknown', leg: passage });
  const ops = found.guard === guard ? [] : [setOp('passages', found, 'guard', guard)];
  return accept({ label: { command: 'put-passage', leg: getLeg(doc, found.leg).tag, turn: null }, ops });
}

/** Plans to take back that a leg passes something. */
export function planTakeOutPassage(doc: RunDoc, passage: string): Result<PlannedChange, UnknownLeg> {
  const found = Object.hasOwn(doc.passages, passage) ? doc.passages[passage]! : null;
  if (!found) return refuse({ code: 'leg-unknown', leg: passage });
  const label = { command: 'take-out-passage', leg: getLeg(doc, found.leg).tag, turn: null } as const;
  return accept({ label, ops: [removeOp('passages', found)] });
}
