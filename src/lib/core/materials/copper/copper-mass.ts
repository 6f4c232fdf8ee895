import type { Catalogue } from '../../catalogue/catalogue.ts';
import { getCopperName, getCopperOutside } from '../../catalogue/tube-sizes.ts';
import { findCopperRow, getCopperWall } from '../../catalogue/tubes.ts';
import type { CopperSize } from '../../ends/size.ts';
import type { Settings } from '../craft.ts';
import { DENSITIES, weighTube } from '../mass.ts';

/** What a metre of copper tube weighs, kg, by the wall of its published row; null where none has it. */
export function findCopperMass({ size, stock }: Settings, { tubeRows }: Catalogue): number | null {
  const row = findCopperRow(tubeRows, getCopperName(size as CopperSize, stock));
  return row && weighTube(getCopperOutside(size as CopperSize), getCopperWall(row), DENSITIES.copper);
}
