import type { PartShape } from '#core/catalogue';
import { dot, isNear } from '#core/geometry';
import { getVectorFrom, isMaleAt, type Leg } from '#core/runs/document';

/**
 * The legs, by their places, in the order of a part's ports: the ways they leave the node stand to one another as the ports do, and where one end is
 * male it is that of the leg. Null where they do not fit. Of several orders the first.
 */
export function matchPorts(
  { ports }: PartShape,
  node: string,
  legs: readonly Leg[],
): readonly number[] | null {
  if (ports.length !== legs.length) return null;
  const ways = legs.map((leg) => getVectorFrom(leg, node));
  const fits = (order: readonly number[]): boolean => {
    const last = order.length - 1;
    const at = order[last]!;
    if ((ports[last]!.gender === 'male') !== isMaleAt(legs[at]!, node)) return false;
    return order
      .slice(0, last)
      .every((other, i) => isNear(dot(ways[other]!, ways[at]!), dot(ports[i]!.way, ports[last]!.way)));
  };
  const place = (order: readonly number[]): readonly number[] | null => {
    if (order.length === legs.length) return order;
    for (let i = 0; i < legs.length; i++) {
      if (order.includes(i)) continue;
      const longer = [...order, i];
      const found = fits(longer) ? place(longer) : null;
      if (found) return found;
    }
    return null;
  };
  return place([]);
}
