import { resolveActor } from '#server/actor.ts';
import { answerFile } from '#server/http/answer-file.ts';
import { getDatabaseForFiles } from '#server/service.ts';
import { exportJob } from '#server/use-cases/export-jobs.ts';
import type { RequestHandler } from './$types';

/** One job with everything that belongs to it. */
export const GET: RequestHandler = ({ locals, params }) =>
  answerFile(locals.request, `porthole-job-${params.job}.json`, () =>
    exportJob(getDatabaseForFiles(), resolveActor(), params.job),
  );
