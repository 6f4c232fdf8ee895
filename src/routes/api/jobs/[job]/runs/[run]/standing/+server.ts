import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { getDatabaseUrl } from '#server/service.ts';
import { doInThread } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, params: { job, run }, request }) =>
  answer(locals.request, () =>
    doInThread(
      'readStanding',
      { url: getDatabaseUrl(), actor: resolveActor(), job, run },
      { signal: request.signal },
    ),
  );
