import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { getDatabaseUrl } from '#server/service.ts';
import { doInThread } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

/** The files in which all jobs go out, the oldest first. */
export const GET: RequestHandler = ({ locals, request }) =>
  answer(locals.request, () =>
    doInThread('listFileParts', { url: getDatabaseUrl(), actor: resolveActor() }, { signal: request.signal }),
  );
