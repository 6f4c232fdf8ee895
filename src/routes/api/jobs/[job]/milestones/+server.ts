import { milestoneInputSchema, type UndoneAnswer } from '#core/formats';
import { accept } from '#core/outcome';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase, getDatabaseUrl } from '#server/service.ts';
import { passMilestone } from '#server/use-cases/pass-milestone.ts';
import { doInThread } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

const look = (job: string, signal: AbortSignal) =>
  doInThread('readUndone', { url: getDatabaseUrl(), actor: resolveActor(), job }, { signal });

/** What is not done in the job: whoever is about to finish it is told. */
export const GET: RequestHandler = ({ locals, params: { job }, request }) =>
  answer(locals.request, async () => {
    const looked = await look(job, request.signal);
    if (!looked.ok) return looked;
    const { undone, isEmpty } = looked.value;
    return accept<UndoneAnswer>({ undone, isEmpty });
  });

export const POST: RequestHandler = ({ locals, params: { job }, request }) =>
  answer(locals.request, async () => {
    const input = await readJson(request, milestoneInputSchema);
    if (!input.ok) return input;
    return passMilestone(getDatabase(), resolveActor(), job, input.value, () => look(job, request.signal));
  });
