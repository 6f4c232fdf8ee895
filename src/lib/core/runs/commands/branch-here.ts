import { accept, refuse, type Result } from '#core/outcome';
import type { Length } from '#core/units';
import { type Op, type PlannedChange, applyOps } from '#core/runs/changes';
import type { RunLayout } from '#core/runs/layout';
import { centreOf, type Leg, type RunDoc } from '#core/runs/document';
import {
  findNextTag,
  makeMeasure,
  makeNode,
  planAddLeg,
  type AddLegRefusal,
  type NewLeg,
} from './add-leg.ts';
import type { UnknownLeg } from './change-measure.ts';
import { insertLeg, insertOp, setOp } from './make-op.ts';
import { copySaid } from './say-zone.ts';
import type { NewId } from './new-ids.ts';

export type BranchRefusal =
  | UnknownLeg
  | AddLegRefusal
  /** Only plain pipe can be parted: not an offset's travel, nor fitting in fitting. */
  | { readonly code: 'leg-not-parted'; readonly mark: string }
  /** The place lies beyond the leg's end. */
  | { readonly code: 'place-beyond-leg'; readonly mark: string; readonly length: Length };

/** Where a leg is parted: so far (nm) from the centre at one of its ends. */
export interface PartingPlace {
  readonly from: string;
  readonly value: Length;
  readonly typed: string;
}

/**
 * Plans a fitting in a leg at a measured place, and a branch out of it (null: only the fitting, a coupling). The leg keeps
 * its number up to there; what is beyond is a new leg. The measure over both stays as it was taken.
 */
export function planBranchHere(
  layout: RunLayout,
  leg: string,
  place: PartingPlace,
  branch: Omit<NewLeg, 'from'> | null,
  newId: NewId,
): Result<PlannedChange, BranchRefusal> {
  const { doc } = layout;
  const laid = layout.legs.get(leg);
  if (!laid || (place.from !== laid.near && place.from !== laid.far))
    return refuse({ code: 'leg-unknown', leg });
  const { leg: whole, centreToCentre: length } = laid;
  const mark = String(whole.tag);
  if (whole.geometry.kind !== 'axis') return refuse({ code: 'leg-not-parted', mark });
  if (length !== null && place.value >= length) return refuse({ code: 'place-beyond-leg', mark, length });
  const fromBeginning = (of: Length): Length => (place.from === whole.from ? place.value : of - place.value);
  // In its middle where nobody knows how long it is.
  const share = length === null ? 0.5 : fromBeginning(length) / length;
  const node = newId();
  const rest: Leg = {
    ...whole,
    id: newId(),
    from: node,
    inline: {},
    rank: 'a0',
    tag: findNextTag(doc),
  };
  const measured = {
    value: place.value,
    typed: place.typed,
    from: centreOf(place.from),
    to: { at: 'centre', gap: 0 },
  } as const;
  const ops: Op[] = [
    insertOp('nodes', makeNode(node, null)),
    setOp('legs', whole, 'to', node),
    ...insertLeg(rest),
    ...copySaid(doc, whole.id, rest.id),
    ...partInline(whole, layout, share, rest.id),
    ...partPassages(doc, whole, share, rest.id),
    insertOp('measures', makeMeasure(newId(), place.from, node, measured)),
  ];
  if (branch) {
    const parted = applyOps(doc, ops);
    if (!parted.ok) throw new Error(`parting leg ${mark} does not fit the run`);
    const added = planAddLeg(parted.value, { ...branch, from: node }, newId);
    if (!added.ok) return added;
    ops.push(...added.value.ops);
  }
  return accept({ label: { command: 'branch-here', leg: whole.tag, turn: null }, ops });
}

/** Parts in the pipe stay where they stand: a share of the leg becomes one of the half it is in. */
function partInline(whole: Leg, { legs }: RunLayout, share: number, rest: string): Op[] {
  const laid = legs.get(whole.id)!;
  const length = laid.centreToCentre;
  const moved = Object.values(whole.inline).map((part) => {
    const at = laid.inline.find(({ id }) => id === part.id)?.at ?? null;
    const fromNear = at === null || length === null ? null : at / length;
    const own = fromNear === null ? part.share : laid.near === whole.from ? fromNear : 1 - fromNear;
    if (own < share) return { part, leg: whole.id, share: keepInLeg(own / share) };
    return { part, leg: rest, share: share < 1 ? keepInLeg((own - share) / (1 - share)) : 0.5 };
  });
  return moved.flatMap(({ part, leg, share: anew }) => [
    ...(leg === part.leg ? [] : [setOp('parts', part, 'leg', leg)]),
    setOp('parts', part, 'share', anew),
  ]);
}

/** Floors and walls stay where they are. */
const partPassages = (doc: RunDoc, { id }: Leg, share: number, rest: string): Op[] =>
  Object.values(doc.passages).flatMap((passage) => {
    if (passage.leg !== id) return [];
    if (passage.share < share) return [setOp('passages', passage, 'share', keepInLeg(passage.share / share))];
    const anew = share < 1 ? keepInLeg((passage.share - share) / (1 - share)) : 0.5;
    return [setOp('passages', passage, 'leg', rest), setOp('passages', passage, 'share', anew)];
  });

/** A part measured to stand beyond its leg is found at the leg's end. */
const keepInLeg = (share: number): number => Math.min(1, Math.max(0, share));
