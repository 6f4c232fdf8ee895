import type { CoverRow } from '../catalogue/ground-tables.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import type { Jurisdiction } from '../house-rules/jurisdictions.ts';
import { inches, millimetres, type Length } from '../units/length.ts';

/** How much ground the house wants over a pipe, nm; null where it asks each time, and where it has a way of its own in words. */
export function getWantedCover({ 'burial-depth': choice }: HouseRules): Length | null {
  return choice.option === 'own' ? null : WANTED[choice.option];
}
const WANTED = { ask: null, '12-inch': inches(12), '18-inch': inches(18), '24-inch': inches(24) } as const;

/** What codes ask for in a jurisdiction, the general figure first, nm; empty where none is known: it is asked. */
export const listCovers = (
  rows: readonly CoverRow[],
  jurisdiction: Jurisdiction,
): readonly (CoverRow & { readonly length: Length })[] =>
  rows
    .filter((row) => row.jurisdiction === jurisdiction)
    .map((row) => ({ ...row, length: row.unit === 'in' ? inches(row.cover) : millimetres(row.cover) }));
