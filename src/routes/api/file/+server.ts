import { MessageChannel } from 'node:worker_threads';
import { LIMITS } from '#core/formats/limits.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { answerStream } from '#server/http/answer-file.ts';
import { answerProgress } from '#server/http/answer-progress.ts';
import { readBody } from '#server/http/read-body.ts';
import { getDatabaseForFiles, getDatabaseUrl } from '#server/service.ts';
import { exportJobs } from '#server/use-cases/export-jobs.ts';
import { doInThread } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

/** Every job in one file. */
export const GET: RequestHandler = ({ locals }) =>
  answerStream(locals.request, 'porthole-jobs.json', (take) =>
    exportJobs(getDatabaseForFiles(), resolveActor(), take),
  );

/** Brings in a file of one job or of several, in a thread. Who accepts lines is told how far it has come. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const body = await readBody(request, LIMITS.file);
  const bringIn = async (signal: AbortSignal, tell: (done: number, of: number) => void = () => undefined) => {
    if (!body.ok) return body;
    const { port1, port2 } = new MessageChannel();
    port1.on('message', ({ done, of }: { done: number; of: number }) => tell(done, of));
    const file = { url: getDatabaseUrl(), actor: resolveActor(), bytes: body.value, progress: port2 };
    try {
      return await doInThread('importFile', file, { signal, transfer: [port2, body.value.buffer] });
    } finally {
      port1.close();
    }
  };
  const wantsLines = request.headers.get('accept')?.includes('application/x-ndjson');
  return wantsLines && body.ok
    ? answerProgress(locals.request, bringIn)
    : answer(locals.request, () => bringIn(request.signal));
};
