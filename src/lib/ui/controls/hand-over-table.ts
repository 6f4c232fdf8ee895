import { handOverFile } from './hand-over.ts';

/** Hands a table over as CSV by RFC 4180, UTF-8 with its mark, so that a spreadsheet reads it right; nothing in it is taken for a formula. */
export async function handOverTable(table: readonly (readonly string[])[], fileName: string): Promise<void> {
  const { stringify } = await import('csv-stringify/browser/esm/sync');
  const { guardCell } = await import('#core/formats/csv-cell.ts');
  const text = stringify(
    table.map((row) => row.map(guardCell)),
    { record_delimiter: 'windows', bom: true, quoted_match: /[;\t]|^\s|\s$/ },
  );
  handOverFile(text, 'text/csv;charset=utf-8', fileName);
}
