import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import {
  type InlineKind,
  type InlinePart,
  type RunDoc,
  centreOf,
  hasPipe,
  findLeg,
  getLeg,
} from '#core/runs/document';
import type { PartingPlace } from './branch-here.ts';
import type { UnknownLeg } from './change-measure.ts';
import { insertOp, removeOp, removeSaid } from './make-op.ts';
import type { NewId } from './new-ids.ts';

/** Where a part stands in its leg: at a measured place from the centre at one end, or at a share of it (0 to 1). */
export type PartPlace = PartingPlace | { readonly share: number };

export type PutPartRefusal = UnknownLeg | { readonly code: 'leg-has-no-pipe'; readonly mark: string };

/** Plans a union, valve or coupling in the pipe of a leg. The leg's own measure stays. Refuses a leg without pipe. */
export function planPutPart(
  doc: RunDoc,
  leg: string,
  kind: InlineKind,
  place: PartPlace,
  newId: NewId,
): Result<PlannedChange, PutPartRefusal> {
  const found = findLeg(doc, leg);
  if (!found) return refuse({ code: 'leg-unknown', leg });
  if (!hasPipe(found)) return refuse({ code: 'leg-has-no-pipe', mark: String(found.tag) });
  const part: InlinePart = { id: newId(), leg, part: kind, share: 'share' in place ? place.share : 0.5 };
  const ops: Op[] = [insertOp('parts', part)];
  if (!('share' in place)) {
    const { from, value, typed } = place;
    if (from !== found.from && from !== found.to) return refuse({ code: 'leg-unknown', leg });
    ops.push(
      insertOp('measures', {
        id: newId(),
        from: centreOf(from),
        to: { kind: 'inline', id: part.id, at: 'centre', gap: 0 },
        along: null,
        value,
        typed,
        instrument: null,
      } as { id: string }),
    );
  }
  return accept({ label: { command: 'put-part', leg: found.tag, turn: null }, ops });
}

/** Plans to take a part out of the pipe of a leg, with the measures to it. */
export function planTakeOutPart(doc: RunDoc, part: string): Result<PlannedChange, UnknownLeg> {
  const found = Object.hasOwn(doc.parts, part) ? doc.parts[part]! : null;
  if (!found) return refuse({ code: 'leg-unknown', leg: part });
  const ops: Op[] = Object.values(doc.measures)
    .filter(({ from, to }) => [from, to].some((ref) => ref.kind === 'inline' && ref.id === part))
    .map((measure) => removeOp('measures', measure));
  ops.push(...removeSaid(doc, part), removeOp('parts', found));
  return accept({ label: { command: 'take-out-part', leg: getLeg(doc, found.leg).tag, turn: null }, ops });
}
