import type { CutSheet } from '#core/cutting/cut-sheet.ts';
import type { SheetVersions } from '#core/formats/cut-sheet-csv.ts';
import type { TapeGraduation } from '#core/units/tape.ts';

/** Writes the cut sheet as a CSV file (RFC 4180, UTF-8 with its mark, so that a spreadsheet reads it right) and hands it over. */
export async function downloadCutSheet(
  sheet: CutSheet,
  graduation: TapeGraduation,
  versions: SheetVersions,
): Promise<void> {
  const [{ stringify }, { makeCutSheetTable }] = await Promise.all([
    import('csv-stringify/browser/esm/sync'),
    import('#core/formats/cut-sheet-csv.ts'),
  ]);
  const table = makeCutSheetTable(sheet, graduation, versions);
  const text = stringify(table, { record_delimiter: 'windows', bom: true, escape_formulas: true });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/csv;charset=utf-8' }));
  link.download = `cut-sheet-${versions.run.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-r${versions.revision}.csv`;
  link.click();
  URL.revokeObjectURL(link.href);
}
