import type { TaperFamily } from '#core/catalogue';
import type { NominalSize } from '#core/ends';
import type { Length } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type EngagementOption = 'shop-table' | 'hand-tight-plus-turns' | 'own-measured';

/** Which engagement figure is taken: the shop table, hand-tight plus turns, or what this shop has measured. */
export const engagementFigureRule: HouseRule<'engagement-figure', EngagementOption> = {
  id: 'engagement-figure',
  topic: 'lengths',
  options: ['shop-table', 'hand-tight-plus-turns', 'own-measured'],
  default: 'shop-table',
  outrankedBy: ['local code', 'maker'],
  version: 1,
};

/**
 * Turns past hand-tight of the "hand-tight plus turns" school. Middle of the usual windows:
 * 2 to 3½ up to 2 in, 1½ to 3 above.
 */
export const DEFAULT_TURNS = { upTo2in: 2.75, above2in: 2.25 } as const;

/** Under what an own figure is kept: the size for NPT, `R 3/4` for the British thread. */
export type FigureKey = NominalSize | `R ${NominalSize}`;
/** The key of a size in a system of thread. */
export const getFigureKey = (size: NominalSize, family: TaperFamily): FigureKey =>
  family === 'R' ? `R ${size}` : size;

/** The size and the family a key stands for. */
export const readFigureKey = (key: FigureKey): { size: NominalSize; family: TaperFamily } =>
  key.startsWith('R ')
    ? { size: key.slice(2) as NominalSize, family: 'R' }
    : { size: key as NominalSize, family: 'NPT' };

/** A choice of the engagement rule with what it needs; turns are turns past hand-tight, figures are nm per size. */
export type EngagementChoice =
  | { readonly option: 'shop-table' }
  | { readonly option: 'hand-tight-plus-turns'; readonly upTo2in: number; readonly above2in: number }
  | { readonly option: 'own-measured'; readonly figures: Readonly<Partial<Record<FigureKey, Length>>> };
