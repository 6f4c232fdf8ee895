import type { ShopPart } from '#core/catalogue/shop-part.ts';
import { readWith } from '#core/formats/read-with.ts';
import { shopPartsPageSchema, shopPartsSchema, type ShopPartsPage } from '#core/formats/shop-part.schema.ts';
import type { Result } from '#core/outcome/result.ts';
import type { Refusal } from '#words/refusals.ts';

/** Reads a page of the shop's own parts as the server answers it. */
export const readShopPartsPage = (value: unknown): Result<ShopPartsPage, Refusal> =>
  readWith<ShopPartsPage>(shopPartsPageSchema, value);

/** Reads parts as the server says that it has kept them. */
export const readShopPartsAnswer = (value: unknown): Result<ShopPart[], Refusal> =>
  readWith<ShopPart[]>(shopPartsSchema, value);
