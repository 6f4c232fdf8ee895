import { getOpposite, type Axis } from '#core/geometry';
import type { Settings } from '#core/materials';
import type { LaidLeg } from '#core/runs/pieces';
import { setOp } from '#core/runs/commands';
import type { Length } from '#core/units';
import { typeInches } from './propose-nipple.ts';
import type { TrapDraft } from './trap-draft.ts';
import type { TrapShape } from './trap-shape.ts';

/** How far the new legs of a trap go, centre to centre, nm: to the side and back, down (and up again), and the last before the inlet. */
export interface TrapSpans {
  readonly over: Length;
  readonly down: Length;
  readonly last: Length;
}

/** Where the tee of a drafted trap stands, the leg by which gas comes to it, and those before it that take a valve. */
export interface DraftedTee {
  readonly tee: string;
  /** Legs in which shut-off and union may stand, the nearest to the tee first, each with its end toward the tee. */
  readonly hosts: readonly { readonly leg: string; readonly toward: string }[];
  /** The leg the gas leaves by, with its end at the tee; null where a connector does. */
  readonly leaves: { readonly leg: string; readonly toward: string } | null;
}

const span = (value: Length) => ({ value, typed: typeInches(value), at: 'centre' }) as const;
const before = (path: readonly LaidLeg[], leg: LaidLeg): DraftedTee['hosts'] =>
  path
    .slice(0, path.indexOf(leg))
    .reverse()
    .map(({ id, far }) => ({ leg: id, toward: far }));

/** Drafts the legs that bring gas down into a tee, for each shape of the end of a drop; the nipple is hung on it after. */
export function draftShape(
  draft: TrapDraft,
  shape: TrapShape,
  path: readonly LaidLeg[],
  spans: TrapSpans,
  side: Axis,
): DraftedTee {
  switch (shape.kind) {
    case 'side-inlet':
      return draftSideInlet(draft, shape, path);
    case 'inlet-looks-up':
      return draftInletLooksUp(draft, shape, path, spans, side);
    case 'level-supply':
      return shape.arrives
        ? draftTurnDown(draft, shape.inlet, shape.arrives, path, spans)
        : draftLevelSupply(draft, shape, path, spans);
    case 'supply-from-below':
      return draftFromBelow(draft, shape, path, spans);
  }
}

/** Whatever was chosen for a node gives way to what its legs call for. */
function chooseAnew(draft: TrapDraft, node: string): void {
  const entry = draft.layout.doc.nodes[node]!;
  if (entry.part.kind === 'chosen') draft.add(setOp('nodes', entry, 'part', { kind: 'auto' }));
}

/** The elbow becomes the tee: supply from above in its run, the inlet at its branch. */
function draftSideInlet(
  draft: TrapDraft,
  { corner, arrives, inlet }: Extract<TrapShape, { kind: 'side-inlet' }>,
  path: readonly LaidLeg[],
): DraftedTee {
  chooseAnew(draft, corner.id);
  turnConnector(draft, inlet);
  return {
    tee: corner.id,
    hosts: [{ leg: arrives.id, toward: corner.id }, ...before(path, arrives)],
    leaves: leavesBy(inlet, corner.id),
  };
}

const leavesBy = (inlet: LaidLeg, tee: string): DraftedTee['leaves'] =>
  inlet.leg.geometry.kind === 'connector' ? null : { leg: inlet.id, toward: tee };

/** A flexible connector leaves the tee by its branch: it is drawn level. */
function turnConnector(draft: TrapDraft, { leg }: LaidLeg): void {
  const { geometry } = leg;
  if (geometry.kind !== 'connector' || (geometry.axis !== 'up' && geometry.axis !== 'down')) return;
  draft.add(setOp('legs', leg, 'geometry', { ...geometry, axis: 'right' }));
}

/**
 *     |          |
 *     |    →     +--over--+
 *     |                   | down
 *     |          +--------T      the inlet stays where it is
 *     o inlet    o        |nipple
 */
function draftInletLooksUp(
  draft: TrapDraft,
  { inlet }: Extract<TrapShape, { kind: 'inlet-looks-up' }>,
  path: readonly LaidLeg[],
  { over, down, last }: TrapSpans,
  side: Axis,
): DraftedTee {
  const { leg, far } = inlet;
  draft.takeAlong(leg);
  const [first, second, tee, back] = [draft.addNode(), draft.addNode(), draft.addNode(), draft.addNode()];
  draft.moveEnd(leg, far, first);
  draft.addLeg(first, second, side, leg, span(over));
  const falls = draft.addLeg(second, tee, 'down', leg, span(down));
  const leaves = draft.addLeg(tee, back, getOpposite(side), leg, span(over));
  draft.addLeg(back, far, 'down', leg, span(last));
  return {
    tee,
    hosts: [{ leg: falls, toward: tee }, { leg: leg.id, toward: first }, ...before(path, inlet)],
    leaves: { leg: leaves, toward: tee },
  };
}

/**
 *     ====== inlet    →    ===+          +=== inlet
 *                             | down     | as far up
 *                             T---over---+
 *                             |nipple
 */
function draftLevelSupply(
  draft: TrapDraft,
  { inlet, way }: Extract<TrapShape, { kind: 'level-supply' }>,
  path: readonly LaidLeg[],
  { over, down, last }: TrapSpans,
): DraftedTee {
  const { leg, far } = inlet;
  draft.takeAlong(leg);
  const [first, tee, low, high] = [draft.addNode(), draft.addNode(), draft.addNode(), draft.addNode()];
  draft.moveEnd(leg, far, first);
  const falls = draft.addLeg(first, tee, 'down', leg, span(down));
  const leaves = draft.addLeg(tee, low, way, leg, span(over));
  draft.addLeg(low, high, 'up', leg, span(down));
  draft.addLeg(high, far, way, leg, span(last));
  return {
    tee,
    hosts: [{ leg: falls, toward: tee }, { leg: leg.id, toward: first }, ...before(path, inlet)],
    leaves: { leg: leaves, toward: tee },
  };
}

/** Before a connector: the level pipe turns down into the tee, and the connector leaves by its branch. */
function draftTurnDown(
  draft: TrapDraft,
  inlet: LaidLeg,
  arrives: LaidLeg,
  path: readonly LaidLeg[],
  { down }: TrapSpans,
): DraftedTee {
  const tee = draft.addNode();
  chooseAnew(draft, inlet.near);
  const falls = draft.addLeg(inlet.near, tee, 'down', arrives.leg, span(down));
  draft.moveEnd(inlet.leg, inlet.near, tee);
  turnConnector(draft, inlet);
  return {
    tee,
    hosts: [{ leg: falls, toward: tee }, { leg: arrives.id, toward: inlet.near }, ...before(path, arrives)],
    leaves: null,
  };
}

/**
 *                      +--over--+
 *     +==== inlet  →   |        | down
 *     |                |        T==== inlet
 *     |                |        |nipple
 */
function draftFromBelow(
  draft: TrapDraft,
  { corner, arrives, inlet, way }: Extract<TrapShape, { kind: 'supply-from-below' }>,
  path: readonly LaidLeg[],
  { over, down }: TrapSpans,
): DraftedTee {
  const isFlexible = inlet.leg.geometry.kind === 'connector';
  chooseAnew(draft, corner.id);
  draft.takeAlong(arrives.leg);
  const [high, across] = [draft.addNode(), draft.addNode()];
  draft.moveEnd(arrives.leg, corner.id, high);
  if (!isFlexible) {
    // What was measured from the corner to the inlet is as far from the riser below it.
    draft.takeAlong(inlet.leg);
    draft.refer([corner.id, inlet.far], corner.id, arrives.near);
  }
  turnConnector(draft, inlet);
  draft.addLeg(high, across, way, arrives.leg, span(over));
  const falls = draft.addLeg(across, corner.id, 'down', arrives.leg, span(down));
  return {
    tee: corner.id,
    hosts: [{ leg: falls, toward: corner.id }, { leg: arrives.id, toward: high }, ...before(path, arrives)],
    leaves: leavesBy(inlet, corner.id),
  };
}

/** What the nipple of a trap is made of: as the pipe that comes to its tee. */
export const getNippleSettings = (shape: TrapShape): Settings =>
  'arrives' in shape && shape.arrives ? shape.arrives.leg : shape.inlet.leg;
