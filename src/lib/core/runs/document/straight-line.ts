import { findLeg } from './legs.ts';
import type { Vector } from '#core/geometry';
import { getVectorFrom, isSameWay } from './leg-direction.ts';
import type { Leg, RunDoc } from './run.ts';
import type { Ref } from './records/measure.ts';

/** Legs one after another on a straight line, and the unit vector along it. */
export interface StraightLine {
  readonly legs: readonly Leg[];
  readonly way: Vector;
}

export type LegsByNode = ReadonlyMap<string, readonly Leg[]>;

/** The leg in which a part stands; null when the run has none with that part. */
export const findLegOfPart = (doc: RunDoc, part: string): Leg | null =>
  Object.hasOwn(doc.parts, part) ? findLeg(doc, doc.parts[part]!.leg) : null;

/**
 * The straight line of pipe from what one reference names to what the other does, its way from the one to the other;
 * null where there is none. Of two parts in one leg the second is taken to lie onward from the first as the leg is drawn.
 */
export function findStraightLine(
  doc: RunDoc,
  legsByNode: LegsByNode,
  from: Ref,
  to: Ref,
): StraightLine | null {
  if (from.kind === 'inline') {
    const leg = findLegOfPart(doc, from.id);
    if (!leg) return null;
    return follow(legsByNode, leg, leg.from, to) ?? follow(legsByNode, leg, leg.to, to);
  }
  for (const leg of legsByNode.get(from.id) ?? []) {
    const line = follow(legsByNode, leg, from.id, to);
    if (line) return line;
  }
  return null;
}

/** Goes from a node along a leg and straight on, until what is looked for is reached or the pipe turns. */
function follow(legsByNode: LegsByNode, first: Leg, start: string, to: Ref): StraightLine | null {
  const way = getVectorFrom(first, start);
  const legs: Leg[] = [];
  let [leg, at]: [Leg | undefined, string] = [first, start];
  while (leg) {
    legs.push(leg);
    const far: string = leg.from === at ? leg.to : leg.from;
    const isThere = to.kind === 'node' ? far === to.id : Object.hasOwn(leg.inline, to.id);
    if (isThere) return { legs, way };
    const came: Leg = leg;
    at = far;
    leg = legsByNode.get(at)?.find((next) => next !== came && isSameWay(getVectorFrom(next, at), way));
  }
  return null;
}
