import type { SupportBySize, SupportRow } from '#core/catalogue';
import { rankSize, type LegSize } from '#core/ends';
import type { Jurisdiction } from '#core/house-rules';
import { mostMetres, roundFeet, type RoundFigure } from '#core/units';

/** How far apart the supports of a pipe may stand at the most, on either tape, and where that is from. */
export interface SupportFigures extends Pick<SupportRow, 'source' | 'confidence'> {
  readonly level: RoundFigure;
  /** Upright; `floor`: at every floor. */
  readonly upright: RoundFigure | 'floor';
}

/** What a size of a material is held by under a jurisdiction; null where no row says it. */
export type FindSupports = (size: LegSize, jurisdiction: Jurisdiction) => SupportFigures | null;

/** The first published row of a jurisdiction that fits, on either tape. */
export function findSupports<Row extends SupportRow>(
  rows: readonly Row[],
  jurisdiction: Jurisdiction,
  fits: (row: Row) => boolean,
): SupportFigures | null {
  const row = rows.find((each) => ['any', jurisdiction].includes(each.jurisdiction) && fits(each));
  if (!row) return null;
  const { level, upright, source, confidence } = row;
  const read = row.unit === 'ft' ? roundFeet : mostMetres;
  return { level: read(level), upright: upright === 'floor' ? upright : read(upright), source, confidence };
}

/** What pipe is held by whose table goes by size. */
export const supportsBySize =
  (rows: readonly SupportBySize[]): FindSupports =>
  (size, jurisdiction) =>
    findSupports(rows, jurisdiction, ({ upTo }) => rankSize(size) <= rankSize(upTo));
