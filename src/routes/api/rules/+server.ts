import { rulesEditSchema } from '#core/formats';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { keepShopRules, readShopRules } from '#server/use-cases/keep-rules.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals }) =>
  answer(locals.request, () => readShopRules(getDatabase(), resolveActor()));

export const PUT: RequestHandler = ({ locals, request }) =>
  answer(locals.request, async () => {
    const choices = await readJson(request, rulesEditSchema);
    return choices.ok ? keepShopRules(getDatabase(), resolveActor(), choices.value) : choices;
  });
