import { getEndSize, NOMINAL_SIZES, type LegSize } from '#core/ends';
import { AXES, getVector, type Axis } from '#core/geometry';
import { getVectorFrom, isSameWay, findSource } from '#core/runs/document';
import type { LaidLeg, LaidNode } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';

/**
 * Where a run grows on by itself: the far end of its newest leg, of those that end there and are not closed; where none is open, of one
 * that is not capped (what hangs capped may be a trap); else of the newest of all. Of an empty run its source, null where it has none.
 */
export function findTip({ doc, legs, nodes }: RunLayout): string | null {
  if (legs.size === 0) return findSource(doc);
  let best: { readonly laid: LaidLeg; readonly openness: number } | null = null;
  for (const laid of legs.values()) {
    const openness = getOpenness(nodes.get(laid.far)!);
    const isNewer = !best || laid.leg.tag > best.laid.leg.tag;
    if (!best || openness > best.openness || (openness === best.openness && isNewer))
      best = { laid, openness };
  }
  return best?.laid.far ?? null;
}

/** 2 where a leg ends and may go on, 0 where it is capped, 1 for anything else. */
function getOpenness({ node, legs }: LaidNode): 0 | 1 | 2 {
  const kind = node.terminal?.kind;
  if (kind === 'cap') return 0;
  return legs.length > 1 || kind === 'plug' || kind === 'appliance' ? 1 : 2;
}

/** Square ways out of a point that its legs take; all of them where three legs meet, as no fitting has a fourth opening. */
export function findTakenWays({ id, legs }: LaidNode): Axis[] {
  if (legs.length >= 3) return [...AXES];
  return AXES.filter((axis) => legs.some((leg) => isSameWay(getVectorFrom(leg, id), getVector(axis))));
}

/** The square way straight on from the leg by which a point is reached; null where that leg does not go square. */
export function findOnward({ id, legs }: LaidNode): Axis | null {
  const [inlet] = legs;
  if (!inlet) return null;
  const back = getVectorFrom(inlet, id);
  return AXES.find((axis) => isSameWay(getVector(axis), { x: -back.x, y: -back.y, z: -back.z })) ?? null;
}

/** The size in which a run goes on from a point: that of the leg there, or of what was found in place; else null. */
export function findSizeAt({ node, legs }: LaidNode): LegSize | null {
  const { terminal } = node;
  const found = terminal?.kind === 'existing' ? getEndSize(terminal.end) : null;
  return legs[0]?.size ?? NOMINAL_SIZES.find((size) => size === found) ?? null;
}
