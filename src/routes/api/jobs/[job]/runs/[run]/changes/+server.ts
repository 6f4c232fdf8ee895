import { changeSchema } from '#core/formats/change.schema.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { readHistory } from '#server/use-cases/read-history.ts';
import type { RequestHandler } from './$types';

/** Every change, the oldest first. */
export const GET: RequestHandler = ({ locals, params }) =>
  answer(locals.request, () => readHistory(getDatabase(), resolveActor(), params.job, params.run));

export const POST: RequestHandler = ({ locals, params, request }) =>
  answer(locals.request, async () => {
    const change = await readJson(request, changeSchema);
    if (!change.ok) return change;
    return acceptChange(getDatabase(), resolveActor(), params.job, params.run, change.value);
  });
