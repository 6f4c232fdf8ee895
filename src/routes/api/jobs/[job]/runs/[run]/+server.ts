import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { getDatabase, getDatabaseUrl } from '#server/service.ts';
import { readRunText } from '#server/use-cases/read-run.ts';
import { weighRun } from '#server/use-cases/weigh-run.ts';
import { doInThread } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, params: { job, run } }) =>
  answer(locals.request, async () => {
    const actor = resolveActor();
    const weight = await weighRun(getDatabase(), actor, job, run);
    // Which of the two is not there is the use case's to say.
    return !weight.ok || weight.value === 'light'
      ? readRunText(getDatabase(), actor, job, run)
      : doInThread('readRun', { url: getDatabaseUrl(), actor, job, run });
  });
