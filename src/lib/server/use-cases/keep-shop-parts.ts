import { isListedEnd, refuseShopPart, type ShopPart } from '#core/catalogue/shop-part.ts';
import { LIMITS } from '#core/formats/limits.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Actor } from '../actor.ts';
import { catalogue } from '../catalogue.ts';
import type { Database } from '../db/database.ts';
import { holdShopParts, listShopParts, putShopParts } from '../repositories/shop-parts.ts';

/** The shop's own parts, retired ones too. */
export const readShopParts = async (
  db: Database,
  { crew }: Actor,
): Promise<Result<ShopPart[], WireRefusal>> => accept(await db.use((on) => listShopParts(on, crew)));

/** Keeps parts of the shop's own, all or none: an end that is in no list and a name that another has refuse them. Gives all parts of the shop. */
export async function keepShopParts(
  db: Database,
  { crew }: Actor,
  parts: readonly ShopPart[],
): Promise<Result<ShopPart[], WireRefusal>> {
  return db.transaction(async (tx) => {
    await holdShopParts(tx, crew);
    const kept = new Map((await listShopParts(tx, crew)).map((part) => [part.id, part]));
    for (const part of parts) kept.set(part.id, part);
    if (kept.size > LIMITS.shopParts) return refuse({ code: 'shop-parts-full', most: LIMITS.shopParts });
    for (const part of parts) {
      const refusal = refuseShopPart(part, kept.values(), (end) => isListedEnd(end, catalogue.ends)); // prettier-ignore
      if (refusal) return refuse(refusal);
    }
    await putShopParts(tx, crew, parts);
    return accept([...kept.values()]);
  });
}
