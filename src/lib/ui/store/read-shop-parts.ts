import type { ShopPart } from '#core/catalogue/shop-part.ts';
import { readWith } from '#core/formats/read-with.ts';
import { shopPartsSchema } from '#core/formats/shop-part.schema.ts';
import type { Result } from '#core/outcome/result.ts';
import type { Refusal } from '#words/refusals.ts';

/** Reads the shop's own parts as the server answers them. */
export const readShopPartsAnswer = (value: unknown): Result<ShopPart[], Refusal> =>
  readWith<ShopPart[]>(shopPartsSchema, value);
