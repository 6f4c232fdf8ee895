import { LIMITS } from '#core/formats/limits.ts';
import { shopPartsSchema } from '#core/formats/shop-part.schema.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { keepShopParts, readShopParts } from '#server/use-cases/keep-shop-parts.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals }) =>
  answer(locals.request, () => readShopParts(getDatabase(), resolveActor()));

export const PUT: RequestHandler = ({ locals, request }) =>
  answer(locals.request, async () => {
    const parts = await readJson(request, shopPartsSchema, LIMITS.partsBody);
    return parts.ok ? keepShopParts(getDatabase(), resolveActor(), parts.value) : parts;
  });
