import type { CopperSize, LegSize } from '#core/ends';
import { inches } from '#core/units';
import { getCopperName, getCopperOutside, isCopperSize } from '../tube-sizes.ts';

/** Copper of an outside between two, inches. */
export const isCopperBetween = (size: LegSize, least: number, most: number): boolean =>
  isCopperSize(size) && getCopperOutside(size) >= inches(least) && getCopperOutside(size) <= inches(most);

/** What a coil of copper tube is called in the lists. */
export const nameCopper = (size: LegSize): string => getCopperName(size as CopperSize, 'coil');
