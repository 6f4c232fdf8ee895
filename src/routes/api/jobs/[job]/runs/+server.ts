import { isId } from '#core/shapes';
import { newRunSchema } from '#core/formats';
import { refuse } from '#core/outcome';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { readRuns } from '#server/use-cases/read-jobs.ts';
import type { RequestHandler } from './$types';

/** A page of the runs, the oldest first; `?after=` the last run of the page before. The first page comes with the job. */
export const GET: RequestHandler = ({ locals, params: { job }, url }) =>
  answer(locals.request, async () => {
    const after = url.searchParams.get('after') ?? '';
    if (!isId(after)) return refuse({ code: 'run-unknown', run: after.slice(0, 80) });
    return readRuns(getDatabase(), resolveActor(), job, after);
  });

export const POST: RequestHandler = ({ locals, params, request }) =>
  answer(locals.request, async () => {
    const input = await readJson(request, newRunSchema);
    return input.ok ? beginRun(getDatabase(), resolveActor(), params.job, input.value) : input;
  });
