import { LIMITS, isId } from '#core/shapes';
import { shopPartEditsSchema } from '#core/formats';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { keepShopParts, readShopParts } from '#server/use-cases/keep-shop-parts.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, url }) =>
  answer(locals.request, () => {
    const after = url.searchParams.get('after') ?? undefined;
    return readShopParts(getDatabase(), resolveActor(), isId(after) ? after! : null);
  });

export const PUT: RequestHandler = ({ locals, request }) =>
  answer(locals.request, async () => {
    const edits = await readJson(request, shopPartEditsSchema, LIMITS.partsBody);
    return edits.ok ? keepShopParts(getDatabase(), resolveActor(), edits.value) : edits;
  });
