import type { End } from '#core/ends';
import { getPartTraits } from './part-kinds.ts';
import type { Part } from './part.ts';
import { isOfCylinder, type Side } from './side.ts';

/** The side of pressure each opening of a straight part is on; null where it may be on any. What screws on a cylinder is on its pressure. */
export function getPressureSides({ kind, ports }: Pick<Part, 'kind' | 'ports'>): readonly (Side | null)[] {
  const { lowers } = getPartTraits(kind);
  if (lowers) return lowers;
  const isOnCylinder = ports.some(({ end }: { end: End }) => isOfCylinder(end));
  return ports.map(() => (isOnCylinder ? 'cylinder' : null));
}
