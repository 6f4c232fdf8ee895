import { type Axis, isAxis } from '#core/geometry';
import { getCraft } from '#core/materials';
import type { LaidLeg, LaidNode } from '#core/runs/pieces';
import { findWayFrom, getVectorFrom, hasPipe } from '#core/runs/document';
import type { Length } from '#core/units';
import { type Drop, looksDown, looksUp } from '#core/traps';

/**
 * How the last part of a drop goes, as far as a trap has to be built into it. `inlet` is what the appliance hangs on: its last leg, a
 * pipe or a connector; `arrives` the pipe before it.
 */
export type TrapShape =
  /** Gas comes down, and goes off level: the tee takes the place of the elbow. */
  | {
      readonly kind: 'side-inlet';
      readonly corner: LaidNode;
      readonly arrives: LaidLeg;
      readonly inlet: LaidLeg;
    }
  /** Straight down into an inlet that looks up: out, down into the tee, and back. */
  | { readonly kind: 'inlet-looks-up'; readonly inlet: LaidLeg }
  /** Level all the way: down, into the tee, and up again; before a connector only down. */
  | {
      readonly kind: 'level-supply';
      readonly inlet: LaidLeg;
      readonly way: Axis;
      readonly arrives: LaidLeg | null;
    }
  /** Rising from below, and off level: on up, over, and down into the tee. */
  | {
      readonly kind: 'supply-from-below';
      readonly corner: LaidNode;
      readonly arrives: LaidLeg;
      readonly inlet: LaidLeg;
      readonly way: Axis;
    };

/** Why no trap can be built in as the drop goes. */
export type ShapeRefusal =
  | { readonly code: 'trap-flow-unknown' }
  /** Straight up into an inlet that looks down. */
  | { readonly code: 'trap-inlet-looks-down'; readonly mark: string }
  /** At a slant, an offset, or fitting in fitting. */
  | { readonly code: 'trap-leg-not-square'; readonly mark: string }
  /** Nothing hangs from tubing: a trap stands in pipe that is screwed and fixed. */
  | { readonly code: 'trap-on-tube'; readonly mark: string }
  | { readonly code: 'trap-node-full'; readonly mark: string };

const findLevelWay = ({ leg, near }: LaidLeg): Axis | null => {
  const way = findWayFrom(leg, near);
  return way !== null && isAxis(way) && way !== 'up' && way !== 'down' ? way : null;
};

/**
 * How a trap may be built into a drop, the best first: at a corner where gas comes down and goes off level already, the nearest to the
 * appliance first; then by a loop of new legs round its end.
 */
export function listTrapShapes(drop: Drop): readonly [TrapShape, ...TrapShape[]] | ShapeRefusal {
  const [first, ...more] = listCorners(drop);
  const end = findEndShape(drop);
  if (!first) return 'code' in end ? end : [end];
  return 'code' in end || end.kind === 'side-inlet' ? [first, ...more] : [first, ...more, end];
}

/** The pipe a loop takes the place of, nm; null where it is not measured, and for a corner, which needs none. */
export function getReplaced(shape: TrapShape): Length | null {
  if (shape.kind === 'side-inlet') return null;
  return (shape.kind === 'supply-from-below' ? shape.arrives : shape.inlet).centreToCentre;
}

type SideInlet = Extract<TrapShape, { kind: 'side-inlet' }>;

function listCorners({ path, layout }: Drop): SideInlet[] {
  return path
    .slice(1)
    .flatMap((inlet, i): SideInlet[] => {
      const arrives = path[i]!;
      const corner = layout.nodes.get(inlet.near)!;
      const isSquare =
        hasPipe(arrives.leg) && arrives.leg.geometry.kind === 'axis' && getCraft(arrives.leg).screws;
      const goesOff = inlet.leg.geometry.kind === 'connector' || (hasPipe(inlet.leg) && isLevel(inlet));
      const isFree = corner.legs.length === 2;
      const comesDown = looksDown(getVectorFrom(arrives.leg, arrives.near));
      return isSquare && goesOff && isFree && comesDown
        ? [{ kind: 'side-inlet', corner, arrives, inlet }]
        : [];
    })
    .reverse();
}

/** Finds how the end of a drop goes, by the ways of its legs. Refuses what is not square, and an inlet that looks down. */
function findEndShape({ path, layout }: Drop): TrapShape | ShapeRefusal {
  const inlet = path.at(-1);
  if (!inlet) return { code: 'trap-flow-unknown' };
  const isFlexible = inlet.leg.geometry.kind === 'connector';
  const arrives = path.at(-2) ?? null;
  const corner = layout.nodes.get(inlet.near)!;
  const mark = String(inlet.leg.tag);
  const last = isFlexible ? arrives : inlet;
  if (!last || !hasPipe(last.leg) || last.leg.geometry.kind !== 'axis')
    return { code: 'trap-leg-not-square', mark: String(last?.leg.tag ?? mark) };
  if (corner.legs.length > 2 && (isFlexible || arrives !== null)) {
    // A corner that is a tee already has no third opening for the nipple.
    const rises = arrives && !isLevel(arrives);
    if (isFlexible || rises) return { code: 'trap-node-full', mark: String(arrives?.leg.tag ?? mark) };
  }
  if (!isFlexible) {
    const way = getVectorFrom(inlet.leg, inlet.near);
    if (looksDown(way)) return { kind: 'inlet-looks-up', inlet };
    if (looksUp(way) && findLevelWay(inlet) === null) return { code: 'trap-inlet-looks-down', mark };
  }
  const level = isFlexible ? null : findLevelWay(inlet);
  if (!isFlexible && level === null) return { code: 'trap-leg-not-square', mark };
  if (arrives && hasPipe(arrives.leg) && arrives.leg.geometry.kind === 'axis') {
    const comes = getVectorFrom(arrives.leg, arrives.near);
    if (looksDown(comes)) return { kind: 'side-inlet', corner, arrives, inlet };
    const way = level ?? 'right';
    if (findWayFrom(arrives.leg, arrives.near) === 'up')
      return { kind: 'supply-from-below', corner, arrives, inlet, way };
    const levelWay = level ?? findLevelWay(arrives);
    if (levelWay === null) return { code: 'trap-leg-not-square', mark: String(arrives.leg.tag) };
    return { kind: 'level-supply', inlet, way: levelWay, arrives: isFlexible ? arrives : null };
  }
  if (level === null) return { code: 'trap-leg-not-square', mark };
  return { kind: 'level-supply', inlet, way: level, arrives: null };
}

const isLevel = (laid: LaidLeg): boolean => findLevelWay(laid) !== null;
