import { resolveActor } from '#server/actor.ts';
import { answerPieces } from '#server/http/answer-file.ts';
import { getDatabaseUrl } from '#server/service.ts';
import { doInThread } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

/** One job with everything that belongs to it. */
export const GET: RequestHandler = ({ locals, params: { job } }) =>
  answerPieces(locals.request, `porthole-job-${job}.json`, (pieces, signal) => {
    const order = { url: getDatabaseUrl(), actor: resolveActor(), jobs: job, pieces };
    return doInThread('exportFile', order, { signal, transfer: [pieces] });
  });
