import { eventSchema } from '#core/formats';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { recordEvent } from '#server/use-cases/record-event.ts';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ locals, params, request }) =>
  answer(locals.request, async () => {
    const event = await readJson(request, eventSchema);
    if (!event.ok) return event;
    return recordEvent(getDatabase(), resolveActor(), params.job, params.run, event.value);
  });
