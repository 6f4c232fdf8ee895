import type { CoverRow } from '../catalogue/ground-tables.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import type { Jurisdiction } from '../house-rules/jurisdictions.ts';
import type { Length, LengthUnit } from '../units/length.ts';
import { leastMillimetres, onTapeOf, roundInches } from '../units/round-figure.ts';

/** How much ground the house wants over a pipe, nm; null where it asks each time, and where it has a way of its own in words. */
export function getWantedCover(rules: HouseRules): Length | null {
  const { option } = rules['burial-depth'];
  return option === 'own' || option === 'ask' ? null : onTapeOf(rules, COVERS[option]);
}
export const COVERS = {
  '12-inch': roundInches(12),
  '18-inch': roundInches(18),
  '24-inch': roundInches(24),
} as const;

/** What codes that are written in inches say in millimetres themselves, where an inch is not 25 of them. */
const IN_MILLIMETRES: Readonly<Record<number, number>> = { 15: 380 };

/** A row with its figure on a tape, nm. */
export type CoverWanted = CoverRow & { readonly length: Length };

/** What codes ask for in a jurisdiction, the general figure first, nm; empty where none is known: it is asked. */
export const listCovers = (
  rows: readonly CoverRow[],
  jurisdiction: Jurisdiction,
  tape: LengthUnit,
): readonly CoverWanted[] =>
  rows
    .filter((row) => row.jurisdiction === jurisdiction)
    .map((row) => {
      const figure =
        row.unit === 'in' ? roundInches(row.cover, IN_MILLIMETRES[row.cover]) : leastMillimetres(row.cover);
      return { ...row, length: figure[tape] };
    });
