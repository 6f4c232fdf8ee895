import type { ShopPart } from '#core/catalogue';
import { makeShopPartsTable } from '#core/formats';
import { handOverTable } from '../../controls/hand-over-table.ts';

/** Hands the shop's own parts over as a table. */
export const savePartsFile = (parts: readonly ShopPart[]): Promise<void> =>
  handOverTable(makeShopPartsTable(parts), 'porthole-parts.csv');
