import { SHOP_PART, type ShopPart } from '#core/catalogue';
import { recordKind } from './record-kind.ts';

/** Parts of the shop's own that stand in the run, as they were when they were put in. */
export const SHOP_PARTS = recordKind<ShopPart>(SHOP_PART, 200);
