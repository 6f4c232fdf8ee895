import {
  type Catalogue,
  getCopperName,
  getCopperOutside,
  findCopperRow,
  getCopperWall,
} from '#core/catalogue';
import type { CopperSize } from '#core/ends';
import type { Settings } from '../craft.ts';
import { DENSITIES, weighTube } from '../mass.ts';

/** What a metre of copper tube weighs, kg, by the wall of its published row; null where none has it. */
export function findCopperMass({ size, stock }: Settings, { tubeRows }: Catalogue): number | null {
  const row = findCopperRow(tubeRows, getCopperName(size as CopperSize, stock));
  return row && weighTube(getCopperOutside(size as CopperSize), getCopperWall(row), DENSITIES.copper);
}
