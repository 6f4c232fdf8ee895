import Joi from 'joi';
import { SHOP_PART_KINDS, SHOP_PART_MATERIALS, type ShopPart } from '#core/catalogue';
import { endOf } from './end.schema.ts';
import { idSchema } from './id.schema.ts';
import { length } from './length.schema.ts';
import { LIMITS } from './limits.ts';
import { oneOf } from './one-of.ts';
import { nameLine, text } from './text.schema.ts';

/** A part of the shop's own, as it is stored, sent and put in files. */
export const shopPartSchema = Joi.object<ShopPart>({
  id: idSchema,
  name: nameLine(LIMITS.name),
  kind: oneOf(SHOP_PART_KINDS),
  material: oneOf(SHOP_PART_MATERIALS),
  ends: Joi.array()
    .items(endOf(['thread', 'tube', 'socket', 'flange', 'fusion-face']))
    .length(2)
    .required(),
  length: length.allow(null),
  price: Joi.number().integer().min(0).max(LIMITS.price).allow(null).required(),
  note: text(LIMITS.reason).allow(''),
  retired: Joi.boolean().required(),
}).required();

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
