import { newRunSchema } from '#core/formats/job.schema.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ locals, params, request }) =>
  answer(locals.request, async () => {
    const input = await readJson(request, newRunSchema);
    return input.ok ? beginRun(getDatabase(), resolveActor(), params.job, input.value) : input;
  });
