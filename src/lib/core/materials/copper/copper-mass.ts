import type { Catalogue } from '../../catalogue/catalogue.ts';
import { getCopperName, getCopperOutside } from '../../catalogue/tube-sizes.ts';
import type { CopperSize } from '../../ends/size.ts';
import { inches, millimetres } from '../../units/length.ts';
import type { Settings } from '../craft.ts';
import { DENSITIES, weighTube } from '../mass.ts';

/** What a metre of copper tube weighs, kg, by the wall of its published row; null where none has it. */
export function findCopperMass({ size, stock }: Settings, { tubeRows }: Catalogue): number | null {
  const name = getCopperName(size as CopperSize, stock);
  const row = tubeRows.copper.find((each) => name === (each.type === 'metric' ? `${each.name} mm` : `${each.name} ${each.type}`)); // prettier-ignore
  if (!row) return null;
  const wall = row.unit === 'in' ? inches(row.wall) : millimetres(row.wall);
  return weighTube(getCopperOutside(size as CopperSize), wall, DENSITIES.copper);
}
