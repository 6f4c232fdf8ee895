import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { getDatabase } from '#server/service.ts';
import { readRun } from '#server/use-cases/read-run.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, params }) =>
  answer(locals.request, () => readRun(getDatabase(), resolveActor(), params.job, params.run));
