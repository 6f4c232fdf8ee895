import { getCopperOutside, isCopperSize } from '#core/catalogue';
import type { Jurisdiction } from '#core/house-rules';
import { inches, millimetres, type Length } from '#core/units';
import {
  SUPPORT_SOURCES,
  supportFeet,
  supportMetres,
  type FindSupports,
  type SupportFigures,
} from '../support-figures.ts';

interface CopperRow extends SupportFigures {
  /** From this outside on. */
  readonly from: Length;
  readonly below: Length;
}
const outside = (from: number, below: number): Pick<CopperRow, 'from' | 'below'> => ({
  from: inches(from),
  below: inches(below),
});
const mm = (from: number, below: number): Pick<CopperRow, 'from' | 'below'> => ({
  from: millimetres(from),
  below: millimetres(below),
});
/** By outside. Source: tables of support of each jurisdiction, as published or met. */
const COPPER: Readonly<Record<Jurisdiction, readonly CopperRow[]>> = {
  'us-model': [
    { ...outside(0.5, 0.625), ...supportFeet(4, 4), ...SUPPORT_SOURCES.code },
    { ...outside(0.625, 0.875), ...supportFeet(6, 6), ...SUPPORT_SOURCES.code },
    { ...outside(0.875, 1), ...supportFeet(8, 8), ...SUPPORT_SOURCES.code },
    { ...outside(1, 1.2), ...supportFeet(8, 'floor'), ...SUPPORT_SOURCES.code },
  ],
  canada: [{ ...outside(0.3, 0.501), ...supportFeet(4, 4), ...SUPPORT_SOURCES.rough }],
  uk: [
    { ...mm(15, 22), ...supportMetres(1.5, 2), ...SUPPORT_SOURCES.likely },
    { ...mm(22, 28.1), ...supportMetres(2, 2.5), ...SUPPORT_SOURCES.likely },
  ],
  australia: [{ ...mm(15, 18), ...supportMetres(1.5, 2), ...SUPPORT_SOURCES.rough }],
  'uk-vehicle': [{ ...mm(5.9, 22.1), ...supportMetres(0.5, 0.5), ...SUPPORT_SOURCES.practice }],
  ask: [],
};

/** What copper tube is held by, however it is joined. */
export const findCopperSupports: FindSupports = (size, jurisdiction) => {
  const wide = isCopperSize(size) ? getCopperOutside(size) : 0;
  return COPPER[jurisdiction].find(({ from, below }) => wide >= from && wide < below) ?? null;
};
