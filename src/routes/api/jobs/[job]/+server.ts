import { jobEditSchema } from '#core/formats';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { editJob } from '#server/use-cases/edit-job.ts';
import { readJob } from '#server/use-cases/read-jobs.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, params }) =>
  answer(locals.request, () => readJob(getDatabase(), resolveActor(), params.job));

export const PUT: RequestHandler = ({ locals, params, request }) =>
  answer(locals.request, async () => {
    const input = await readJson(request, jobEditSchema);
    return input.ok ? editJob(getDatabase(), resolveActor(), params.job, input.value) : input;
  });
