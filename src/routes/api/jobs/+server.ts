import { newJobSchema } from '#core/formats/job.schema.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { readJobs } from '#server/use-cases/read-jobs.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals }) =>
  answer(locals.request, () => readJobs(getDatabase(), resolveActor()));

export const POST: RequestHandler = ({ locals, request }) =>
  answer(locals.request, async () => {
    const input = await readJson(request, newJobSchema);
    return input.ok ? openJob(getDatabase(), resolveActor(), input.value) : input;
  });
