import type { ShopPart } from '#core/catalogue';
import { readWith, shopPartsPageSchema, shopPartsSchema, type ShopPartsPage } from '#core/formats';
import { accept, type Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';

/** Reads a page of the shop's own parts as the server answers it. */
export function readShopPartsPage(value: unknown) {
  const page: Result<ShopPartsPage, Refusal> = readWith(shopPartsPageSchema, value);
  return page.ok ? accept({ items: page.value.parts, next: page.value.next }) : page;
}

/** Reads parts as the server says that it has kept them. */
export const readShopPartsAnswer = (value: unknown): Result<ShopPart[], Refusal> =>
  readWith<ShopPart[]>(shopPartsSchema, value);
