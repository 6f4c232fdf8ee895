import type { Confidence } from '#core/catalogue';
import { rankSize, type LegSize } from '#core/ends';
import type { Jurisdiction } from '#core/house-rules';
import { mostMetres, roundFeet, type RoundFigure } from '#core/units';

/** How far apart the supports of a pipe may stand at the most, on either tape, and where that is from. */
export interface SupportFigures {
  readonly level: RoundFigure;
  /** Upright; `floor`: at every floor. */
  readonly upright: RoundFigure | 'floor';
  readonly source: 'model-code' | 'maker' | 'practice';
  readonly confidence: Confidence;
}

/** What a size of a material is held by under a jurisdiction; null where no row says it. */
export type FindSupports = (size: LegSize, jurisdiction: Jurisdiction) => SupportFigures | null;

/** A row of a table that goes by size: from the largest of the row before, exclusive, to this one. */
export interface SupportRow extends SupportFigures {
  readonly upTo: LegSize;
}

/** The row of a size. */
export const findSupportRow = (rows: readonly SupportRow[], size: LegSize): SupportFigures | null =>
  rows.find(({ upTo }) => rankSize(size) <= rankSize(upTo)) ?? null;

/** Figures of a table in feet. */
export const supportFeet = (
  level: number,
  upright: number | 'floor',
): Pick<SupportFigures, 'level' | 'upright'> => ({
  level: roundFeet(level),
  upright: upright === 'floor' ? upright : roundFeet(upright),
});

/** Figures of a table in metres. */
export const supportMetres = (level: number, upright: number): Pick<SupportFigures, 'level' | 'upright'> => ({
  level: mostMetres(level),
  upright: mostMetres(upright),
});

/** Where rows are from, and how far they are to be trusted. */
export const SUPPORT_SOURCES = {
  code: { source: 'model-code', confidence: 'certain' },
  likely: { source: 'model-code', confidence: 'likely' },
  rough: { source: 'model-code', confidence: 'approximate' },
  byMaker: { source: 'maker', confidence: 'approximate' },
  practice: { source: 'practice', confidence: 'approximate' },
} as const;
