import type { ShopPart } from '#core/catalogue';
import { readWith, shopPartsPageSchema, shopPartsSchema, type ShopPartsPage } from '#core/formats';
import type { Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';

/** Reads a page of the shop's own parts as the server answers it. */
export const readShopPartsPage = (value: unknown): Result<ShopPartsPage, Refusal> =>
  readWith<ShopPartsPage>(shopPartsPageSchema, value);

/** Reads parts as the server says that it has kept them. */
export const readShopPartsAnswer = (value: unknown): Result<ShopPart[], Refusal> =>
  readWith<ShopPart[]>(shopPartsSchema, value);
