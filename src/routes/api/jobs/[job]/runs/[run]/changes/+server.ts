import { LIMITS } from '#core/formats/limits.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readBody } from '#server/http/read-body.ts';
import { getDatabase } from '#server/service.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { readHistory } from '#server/use-cases/read-history.ts';
import { readByWeight } from '#server/work/weigh.ts';
import type { RequestHandler } from './$types';

/** Every change, the oldest first. */
export const GET: RequestHandler = ({ locals, params }) =>
  answer(locals.request, () => readHistory(getDatabase(), resolveActor(), params.job, params.run));

export const POST: RequestHandler = ({ locals, params, request }) =>
  answer(locals.request, async () => {
    const body = await readBody(request, LIMITS.change);
    if (!body.ok) return body;
    const change = await readByWeight(body.value);
    if (!change.ok) return change;
    return acceptChange(getDatabase(), resolveActor(), params.job, params.run, change.value);
  });
