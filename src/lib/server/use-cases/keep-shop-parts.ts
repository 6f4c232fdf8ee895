import { isListedEnd, refuseShopPart, ShopPartNames, type ShopPart } from '#core/catalogue';
import { LIMITS } from '#core/shapes';
import type { ShopPartEdit, ShopPartsPage, WireRefusal } from '#core/formats';
import { isSameJson, type Json, mergeEdit, accept, refuse, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import { catalogue } from '../catalogue.ts';
import type { Database } from '../db/database.ts';
import { holdCrew } from '../repositories/crews.ts';
import { findShopParts, listShopPartNames, listShopParts, putShopParts } from '../repositories/shop-parts.ts';

/** How many parts are told at once. */
const PAGE = 250;

/** The shop's own parts, retired ones too, in the order in which they were added: a page, after the one that was named. */
export async function readShopParts(
  db: Database,
  { crew }: Actor,
  after: string | null,
): Promise<Result<ShopPartsPage, WireRefusal>> {
  const parts = await db.use((on) => listShopParts(on, crew, after, PAGE + 1));
  const page = parts.slice(0, PAGE);
  return accept({ parts: page, next: parts.length > PAGE ? page.at(-1)!.id : null });
}

/**
 * Changes parts of the shop's own, all or none, in the fields that each edit is about. Refused: a field that was changed meanwhile, an end that is in
 * no list, a name that another has. Gives the parts as they are kept.
 */
export async function keepShopParts(
  db: Database,
  { crew }: Actor,
  edits: readonly ShopPartEdit[],
): Promise<Result<ShopPart[], WireRefusal>> {
  return db.transaction(async (tx) => {
    await holdCrew(tx, crew);
    const ids = edits.map(({ wanted }) => wanted.id);
    const kept = new Map((await findShopParts(tx, crew, ids)).map((part) => [part.id, part]));
    const changed: ShopPart[] = [];
    for (const { was, wanted } of edits) {
      const merged = putEdit(kept.get(wanted.id) ?? null, was, wanted);
      if (!merged.ok) return merged;
      kept.set(wanted.id, merged.value);
      changed.push(merged.value);
    }
    const all = (await listShopPartNames(tx, crew)).map((part) => ({ ...part, ...kept.get(part.id) }));
    const there = new Set(all.map(({ id }) => id));
    const added = changed.filter(({ id }) => !there.has(id));
    if (all.length + new Set(added.map(({ id }) => id)).size > LIMITS.shopParts)
      return refuse({ code: 'shop-parts-full', most: LIMITS.shopParts });
    const names = new ShopPartNames([...all, ...added] as ShopPart[]);
    for (const part of changed) {
      const refusal = refuseShopPart(part, names, (end) => isListedEnd(end, catalogue.ends));
      if (refusal) return refuse(refusal);
    }
    await putShopParts(tx, crew, changed);
    return accept(changed);
  });
}

/** An edit put into the part as it is kept; a part that is not there yet is added, and one that was taken for new and is there is compared whole. */
function putEdit(
  now: ShopPart | null,
  was: ShopPart | null,
  wanted: ShopPart,
): Result<ShopPart, WireRefusal> {
  if (!now) return accept(wanted);
  const merged = mergeEdit(now, was ?? now, was ? wanted : now);
  const isSame = was !== null || isSameJson(now as unknown as Json, wanted as unknown as Json);
  if (merged.ok && isSame) return merged;
  const fields = merged.ok ? Object.keys(wanted) : merged.refusal.fields;
  return refuse({ code: 'changed-elsewhere', of: 'part', name: now.name, fields });
}
