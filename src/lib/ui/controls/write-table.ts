import type { stringify } from 'csv-stringify/browser/esm/sync';
import { guardCell } from '#core/formats';

/**
 * A table as CSV by RFC 4180, UTF-8 with its mark, so that a spreadsheet reads it right; nothing in it is taken for a formula. `write` is the
 * library's own, which is loaded when it is needed.
 */
export const writeTable = (write: typeof stringify, table: readonly (readonly string[])[]): string =>
  write(
    table.map((row) => row.map(guardCell)),
    { record_delimiter: 'windows', bom: true, quoted_match: /[;\t\r\n\uFEFF]|^\s|\s$/ },
  );
