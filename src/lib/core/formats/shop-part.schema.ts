import Joi from 'joi';
import { SHOP_PART, type ShopPart } from '#core/catalogue';
import { toJoi } from './to-joi.ts';
import { idSchema } from './id.schema.ts';
import { LIMITS } from '#core/shapes';

/** A part of the shop's own, as it is stored, sent and put in files. */
export const shopPartSchema = toJoi(SHOP_PART);

/** All parts of a shop. */
export const shopPartsSchema = Joi.array().items(shopPartSchema.optional()).max(LIMITS.shopParts).required();

/** A change of a part, with what it rests on; null where it was not there. */
export interface ShopPartEdit {
  readonly was: ShopPart | null;
  readonly wanted: ShopPart;
}
export const shopPartEditsSchema = Joi.array<ShopPartEdit[]>()
  .items(Joi.object<ShopPartEdit>({ was: shopPartSchema.allow(null), wanted: shopPartSchema }).optional())
  .max(LIMITS.shopParts)
  .required();

/** A page of a shop's parts; `next` is the part after which the next begins, null on the last. */
export interface ShopPartsPage {
  readonly parts: readonly ShopPart[];
  readonly next: string | null;
}
export const shopPartsPageSchema = Joi.object<ShopPartsPage>({
  parts: shopPartsSchema,
  next: idSchema.allow(null),
}).required();
