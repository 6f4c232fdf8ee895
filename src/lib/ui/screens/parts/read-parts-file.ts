import { parse } from 'csv-parse/browser/esm/sync';
import type { ShopPart } from '#core/catalogue';
import { unguardCell, readShopPartsTable } from '#core/formats';
import { refuse, type Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';

const DELIMITERS = [',', ';', '\t'] as const;
/** What parts the cells of a table: what its headings are parted by. */
function findDelimiter(text: string): (typeof DELIMITERS)[number] {
  const [headings = ''] = text.split(/\r?\n/, 1);
  const count = (each: string): number => headings.split(each).length;
  return DELIMITERS.reduce((best, each) => (count(each) > count(best) ? each : best));
}

/** Reads a table of parts from a file: CSV with commas, semicolons or tabs. */
export function readPartsFile(text: string, newId: () => string): Result<ShopPart[], Refusal> {
  let rows: string[][];
  try {
    rows = parse(text, { bom: true, delimiter: findDelimiter(text), relax_column_count: true, skip_empty_lines: true }); // prettier-ignore
  } catch {
    return refuse({ code: 'parts-table-empty' });
  }
  return readShopPartsTable(
    rows.map((row) => row.map(unguardCell)),
    newId,
  );
}
