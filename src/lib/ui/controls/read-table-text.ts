import { parse } from 'csv-parse/browser/esm/sync';
import { unguardCell, type TableRefusal } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';

const DELIMITERS = [',', ';', '\t'] as const;
/** What parts the cells of a table: what its headings are parted by. */
function findDelimiter(text: string): (typeof DELIMITERS)[number] {
  const [headings = ''] = text.split(/\r?\n/, 1);
  const count = (each: string): number => headings.split(each).length;
  return DELIMITERS.reduce((best, each) => (count(each) > count(best) ? each : best));
}

/** The cells of a table as a file has it: CSV with commas, semicolons or tabs. Refuses what is no table. */
export function readTableText(text: string): Result<string[][], TableRefusal> {
  try {
    const rows: string[][] = parse(text, {
      bom: true,
      delimiter: findDelimiter(text),
      relax_column_count: true,
      skip_empty_lines: true,
    });
    return accept(rows.map((row) => row.map(unguardCell)));
  } catch {
    return refuse({ code: 'table-empty' });
  }
}
