import type { CopperSize, LegSize, NominalSize, TubeKind } from '#core/ends';
import { inches, millimetres, type Length } from '#core/units';
import type { Provenance } from '../confidence.ts';
import type { PartLength, TubeJoin } from '../part.ts';
import type { TaperFamily } from '../taper-end.ts';
import { getCopperOutside } from '../tube-sizes.ts';

/** What a counter carries between a tube and pipe threads, the usual thread first. */
export interface AdapterRow {
  readonly of: TubeKind;
  readonly system: TaperFamily;
  readonly size: LegSize;
  readonly threads: readonly NominalSize[];
}

/** Outside of a finished flare, inches. */
export interface FlareShape extends Provenance {
  readonly size: CopperSize;
  readonly least: number;
  readonly most: number;
}

export interface SocketDepthRow extends Provenance {
  readonly join: TubeJoin;
  readonly size: LegSize;
  readonly least: number;
  readonly most: number;
  readonly unit: 'in' | 'mm';
}

export interface TubeTables {
  readonly adapters: readonly AdapterRow[];
  readonly flares: readonly FlareShape[];
  readonly depths: readonly SocketDepthRow[];
}

const UNKNOWN: PartLength = { standing: 'unknown' };

/** How far a tube of a size goes into a socket, as it is published; unknown where it is not. */
export const findSocketDepth = (
  rows: readonly SocketDepthRow[],
  join: TubeJoin,
  size: LegSize,
): PartLength => {
  const row = rows.find((each) => each.join === join && each.size === size);
  if (!row) return UNKNOWN;
  const measure = row.unit === 'in' ? inches : millimetres;
  const [least, most] = [measure(row.least), measure(row.most)];
  const { source, confidence } = row;
  return {
    standing: 'typical',
    length: Math.round((least + most) / 2),
    plusMinus: Math.max(Math.ceil((most - least) / 2), millimetres(0.5)),
    source,
    confidence,
  };
};

/**
 * How much more tube a flare takes than reaches to the plane of its rim: (F − d)/2·(√2 − 1), F the outside of the flare, d that of the tube.
 * The wall slants outward at 45° and is that much longer than it reaches. Of sizes without a figure it is shown as about nothing.
 */
export function findFlareExtra(flares: readonly FlareShape[], size: LegSize): PartLength {
  const row = flares.find((each) => each.size === size);
  if (!row)
    return {
      standing: 'typical',
      length: 0,
      plusMinus: millimetres(0.8),
      source: 'no figure for this flare',
      confidence: 'approximate',
    };
  const tube = getCopperOutside(row.size);
  const extra = (flare: number): Length => Math.round(((inches(flare) - tube) / 2) * (Math.SQRT2 - 1));
  const [least, most] = [extra(row.least), extra(row.most)];
  const { source, confidence } = row;
  return {
    standing: 'typical',
    length: Math.round((least + most) / 2),
    plusMinus: Math.ceil((most - least) / 2),
    source,
    confidence,
  };
}
