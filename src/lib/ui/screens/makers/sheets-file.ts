import type { MakerSheet } from '#core/catalogue';
import { makeSheetsTable, readSheetsTable } from '#core/formats';
import type { Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';
import { handOverTable } from '../../controls/hand-over-table.ts';
import { readTableText } from '../../controls/read-table-text.ts';
import { newId } from '../../store/new-id.ts';

/** Hands the shop’s sheets over as a table. */
export const saveSheetsFile = (sheets: readonly MakerSheet[]): Promise<void> =>
  handOverTable(makeSheetsTable(sheets), 'porthole-makers.csv');

/** Reads a table of sheets from a file; what the shop has already keeps its place. */
export function readSheetsFile(text: string, known: readonly MakerSheet[]): Result<MakerSheet[], Refusal> {
  const table = readTableText(text);
  return table.ok ? readSheetsTable(table.value, known, newId) : table;
}
