import { LIMITS } from '#core/formats/limits.ts';
import { refuse } from '#core/outcome/result.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { answerFile } from '#server/http/answer-file.ts';
import { readText } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { exportJobs } from '#server/use-cases/export-jobs.ts';
import { importJobs } from '#server/use-cases/import-jobs.ts';
import type { RequestHandler } from './$types';

/** Every job in one file. */
export const GET: RequestHandler = ({ locals }) =>
  answerFile(locals.request, 'porthole-jobs.json', () => exportJobs(getDatabase(), resolveActor()));

/** Brings in a file of one job or of several. */
export const POST: RequestHandler = ({ locals, request }) =>
  answer(locals.request, async () => {
    const text = await readText(request, LIMITS.file);
    if (text === null) return refuse({ code: 'body-too-large', limit: LIMITS.file });
    return importJobs(getDatabase(), resolveActor(), text);
  });
