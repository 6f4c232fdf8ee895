import { type Confidence, getCopperOutside, isCopperSize } from '#core/catalogue';
import { rankSize, type LegSize } from '#core/ends';
import type { Jurisdiction } from '#core/house-rules';
import { getPipeFamily, type BodyPlaced, type PipeFamily } from '#core/permissions';
import {
  inches,
  millimetres,
  type Length,
  type LengthUnit,
  mostMetres,
  roundFeet,
  type RoundFigure,
} from '#core/units';

/** How far apart the supports of a pipe may stand at the most, nm. */
export interface SupportSpacing {
  readonly level: Length;
  /** Upright; `floor`: at every floor. */
  readonly upright: Length | 'floor';
  /** Of where it is from. */
  readonly source: 'model-code' | 'maker' | 'practice';
  readonly confidence: Confidence;
}

/** A row of a table, with its figures on either tape. */
interface Figures extends Pick<SupportSpacing, 'source' | 'confidence'> {
  readonly level: RoundFigure;
  readonly upright: RoundFigure | 'floor';
}

interface Row extends Figures {
  /** From the largest size of the row before, exclusive, to this one. */
  readonly upTo: LegSize;
}

const feet = (level: number, upright: number | 'floor'): Pick<Row, 'level' | 'upright'> => ({
  level: roundFeet(level),
  upright: upright === 'floor' ? upright : roundFeet(upright),
});
const metres = (level: number, upright: number): Pick<Row, 'level' | 'upright'> => ({
  level: mostMetres(level),
  upright: mostMetres(upright),
});
const code = { source: 'model-code', confidence: 'certain' } as const;
const likely = { source: 'model-code', confidence: 'likely' } as const;
const rough = { source: 'model-code', confidence: 'approximate' } as const;
const byMaker = { source: 'maker', confidence: 'approximate' } as const;

/** Corrugated tubing everywhere: what makers ask typically; the maker's own sheet goes before it. That it needs none is a mistake that circulates. */
const TUBING: readonly Row[] = [
  { upTo: '3/8', ...feet(4, 10), ...byMaker },
  { upTo: '1/2', ...feet(6, 10), ...byMaker },
  { upTo: '2', ...feet(8, 10), ...byMaker },
];

/** Steel by nominal size, tubing by its outside. Source: tables of support of each jurisdiction, as published or met. */
const ROWS: Readonly<Record<Jurisdiction, readonly Row[]>> = {
  'us-model': [
    { upTo: '1/2', ...feet(6, 6), ...code },
    { upTo: '1', ...feet(8, 8), ...code },
    { upTo: '4', ...feet(10, 'floor'), ...code },
  ],
  canada: [
    { upTo: '1/2', ...feet(6, 'floor'), ...likely },
    { upTo: '1', ...feet(8, 'floor'), ...likely },
    { upTo: '2-1/2', ...feet(10, 'floor'), ...likely },
    { upTo: '4', ...feet(15, 'floor'), ...rough },
  ],
  uk: [
    { upTo: '1/2', ...metres(2, 2.5), ...likely },
    { upTo: '1', ...metres(2.5, 3), ...likely },
    { upTo: '1-1/4', ...metres(2.7, 3), ...rough },
  ],
  australia: [
    { upTo: '1/2', ...metres(2, 2), ...rough },
    { upTo: '1', ...metres(2.5, 2.5), ...rough },
  ],
  'uk-vehicle': [{ upTo: '1', ...metres(1, 1), source: 'practice', confidence: 'approximate' }],
  ask: [],
};

interface CopperRow extends Figures {
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
const COPPER: Readonly<Record<Jurisdiction, readonly CopperRow[]>> = {
  'us-model': [
    { ...outside(0.5, 0.625), ...feet(4, 4), ...code },
    { ...outside(0.625, 0.875), ...feet(6, 6), ...code },
    { ...outside(0.875, 1), ...feet(8, 8), ...code },
    { ...outside(1, 1.2), ...feet(8, 'floor'), ...code },
  ],
  canada: [{ ...outside(0.3, 0.501), ...feet(4, 4), ...rough }],
  uk: [
    { ...mm(15, 22), ...metres(1.5, 2), ...likely },
    { ...mm(22, 28.1), ...metres(2, 2.5), ...likely },
  ],
  australia: [{ ...mm(15, 18), ...metres(1.5, 2), ...rough }],
  'uk-vehicle': [{ ...mm(5.9, 22.1), ...metres(0.5, 0.5), source: 'practice', confidence: 'approximate' }],
  ask: [],
};

const findRow = (rows: readonly Row[], size: LegSize): Figures | null =>
  rows.find(({ upTo }) => rankSize(size) <= rankSize(upTo)) ?? null;
const findSteel = (size: LegSize, jurisdiction: Jurisdiction): Figures | null =>
  findRow(ROWS[jurisdiction], size);
function findCopper(size: LegSize, jurisdiction: Jurisdiction): Figures | null {
  const wide = isCopperSize(size) ? getCopperOutside(size) : 0;
  return COPPER[jurisdiction].find(({ from, below }) => wide >= from && wide < below) ?? null;
}

const BY_FAMILY: Readonly<Record<PipeFamily, (size: LegSize, jurisdiction: Jurisdiction) => Figures | null>> =
  {
    steel: findSteel,
    'pressed-steel': findSteel,
    csst: (size) => findRow(TUBING, size),
    copper: findCopper,
    polyethylene: () => null,
  };

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
  const found = BY_FAMILY[getPipeFamily(material)](size, jurisdiction);
  if (!found) return null;
  const { level, upright, source, confidence } = found;
  return { level: level[tape], upright: upright === 'floor' ? upright : upright[tape], source, confidence };
}
