import { copperSupportsTable, getCopperOutside, isCopperSize } from '#core/catalogue';
import { inches, millimetres } from '#core/units';
import { findSupports, type FindSupports } from '../support-figures.ts';

/** What copper tube is held by, however it is joined: by its outside. */
export const findCopperSupports: FindSupports = (size, jurisdiction) => {
  const wide = isCopperSize(size) ? getCopperOutside(size) : 0;
  return findSupports(copperSupportsTable, jurisdiction, ({ from, below, outsideIn }) => {
    const read = outsideIn === 'in' ? inches : millimetres;
    return wide >= read(from) && wide < read(below);
  });
};
