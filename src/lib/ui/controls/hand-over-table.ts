import { handOverFile } from './hand-over.ts';

/** Hands a table over as a file. */
export async function handOverTable(table: readonly (readonly string[])[], fileName: string): Promise<void> {
  const { stringify } = await import('csv-stringify/browser/esm/sync');
  const { writeTable } = await import('./write-table.ts');
  handOverFile(writeTable(stringify, table), 'text/csv;charset=utf-8', fileName);
}
