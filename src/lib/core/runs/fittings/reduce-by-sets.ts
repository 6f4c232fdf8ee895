import { type Catalogue, getWidth } from '#core/catalogue';
import { getCraft } from '#core/materials';
import type { Link } from './chains.ts';
import type { Fitting } from './fitting.ts';
import { getAdapterId, type Infer } from './join-by-adapters.ts';
import { isMaleAt, type Leg, type RunNode } from '#core/runs/document';

const getLargest = (legs: readonly Leg[]): Leg =>
  legs.reduce((a, b) => (getWidth(a.size) >= getWidth(b.size) ? a : b));

/** Whether a body of the largest size could stand here, with a reducing set wherever a smaller tube leaves. */
export const canReduceBySets = (node: RunNode, legs: readonly Leg[]): boolean =>
  new Set(legs.map(({ size }) => size)).size > 1 && legs.every((leg) => !isMaleAt(leg, node.id));

/**
 * A body of the largest size, with a reducing set in each opening by which a smaller tube leaves. Where no set is sold between the two, the
 * finding names both ends.
 */
export function reduceBySets(
  node: RunNode,
  legs: readonly Leg[],
  infer: Infer,
  catalogue: Catalogue,
): Fitting {
  const largest = getLargest(legs);
  const craft = getCraft(largest);
  const body = infer(
    { ...node, part: { kind: 'auto' } },
    legs.map((leg) => ({ ...leg, size: largest.size, stock: largest.stock })),
    catalogue,
  );
  if (body.kind !== 'part') return body;
  const adapters: Record<string, Link> = {};
  for (const leg of legs) {
    if (leg.size === largest.size) continue;
    const part = craft.findPart('reducing-set', leg, [leg.size, largest.size], catalogue);
    if (!part)
      return {
        kind: 'none',
        refusal: {
          code: 'transition-needed',
          ends: [craft.getEnd(leg, 'male'), craft.getEnd(largest, 'female')],
        },
      };
    const [small, large] = part.ports;
    adapters[leg.id] = { id: getAdapterId(node.id, leg.id), part, inner: large!, outer: small! };
  }
  return { ...body, adapters };
}
