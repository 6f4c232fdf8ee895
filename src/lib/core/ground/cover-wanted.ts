import type { CoverRow } from '#core/catalogue';
import type { HouseRules, Jurisdiction } from '#core/house-rules';
import { type Length, type LengthUnit, leastMillimetres, onTapeOf, roundInches } from '#core/units';

/** How much ground the house wants over a pipe, nm; null where it asks each time, and where it has a way of its own in words. */
export function getWantedCover(rules: HouseRules): Length | null {
  const { option } = rules['burial-depth'];
  return option === 'own' || option === 'ask' ? null : onTapeOf(rules, COVERS[option]);
}
/** Rounded up on a metric tape: less than the code has it is not enough. */
export const COVERS = {
  '12-inch': roundInches(12, 305),
  '18-inch': roundInches(18, 460),
  '24-inch': roundInches(24, 610),
} as const;

/** What the Canadian code says in millimetres itself, by its inches. */
const CANADIAN: Readonly<Record<number, number>> = { 15: 380, 24: 600 };

/** A cover of a code that is written in inches, in millimetres: its own figure, otherwise the next five that are no less. */
const inMillimetres = ({ jurisdiction, cover }: CoverRow): number =>
  (jurisdiction === 'canada' ? CANADIAN[cover] : undefined) ?? 5 * Math.ceil((cover * 25.4) / 5);

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
        row.unit === 'in' ? roundInches(row.cover, inMillimetres(row)) : leastMillimetres(row.cover);
      return { ...row, length: figure[tape] };
    });
