import { getMaterialTraits, type SupportFigures } from '#core/materials';
import type { LegSize } from '#core/ends';
import type { Jurisdiction } from '#core/house-rules';
import type { BodyPlaced } from '#core/permissions';
import type { Length, LengthUnit } from '#core/units';

/** How far apart the supports of a pipe may stand at the most, nm. */
export interface SupportSpacing extends Pick<SupportFigures, 'source' | 'confidence'> {
  readonly level: Length;
  /** Upright; `floor`: at every floor. */
  readonly upright: Length | 'floor';
}

/**
 * The greatest spacing of the supports of a pipe under a jurisdiction, as it is said on a tape. Null where no row says it: it is asked. What
 * lies in the ground is bedded, and not asked here.
 */
export function findSpacing(
  material: BodyPlaced,
  size: LegSize,
  jurisdiction: Jurisdiction,
  tape: LengthUnit,
): SupportSpacing | null {
  const found = getMaterialTraits(material).findSupports(size, jurisdiction);
  if (!found) return null;
  const { level, upright, source, confidence } = found;
  return { level: level[tape], upright: upright === 'floor' ? upright : upright[tape], source, confidence };
}
