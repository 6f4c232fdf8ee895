import { isId } from '#core/shapes';
import { newJobSchema } from '#core/formats';
import { refuse } from '#core/outcome';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { readJobs } from '#server/use-cases/read-jobs.ts';
import type { RequestHandler } from './$types';

/** A page of the jobs, the newest first; `?after=` the last job of the page before. */
export const GET: RequestHandler = ({ locals, url }) =>
  answer(locals.request, async () => {
    const after = url.searchParams.get('after');
    if (after !== null && !isId(after)) return refuse({ code: 'job-unknown', job: after.slice(0, 80) });
    return readJobs(getDatabase(), resolveActor(), after);
  });

export const POST: RequestHandler = ({ locals, request }) =>
  answer(locals.request, async () => {
    const input = await readJson(request, newJobSchema);
    return input.ok ? openJob(getDatabase(), resolveActor(), input.value) : input;
  });
