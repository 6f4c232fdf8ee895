import type { ShopPart } from '#core/catalogue';
import { readShopPartsTable } from '#core/formats';
import type { Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';
import { readTableText } from '../../controls/read-table-text.ts';

/** Reads a table of parts from a file. */
export function readPartsFile(text: string, newId: () => string): Result<ShopPart[], Refusal> {
  const table = readTableText(text);
  return table.ok ? readShopPartsTable(table.value, newId) : table;
}
