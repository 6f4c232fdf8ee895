import { MessageChannel } from 'node:worker_threads';
import { filePartQuerySchema, readWith, type WireRefusal } from '#core/formats';
import { LIMITS } from '#core/shapes';
import { refuse } from '#core/outcome';
import { resolveActor } from '#server/actor.ts';
import { answer, answerRefusal } from '#server/http/answer.ts';
import { answerPieces } from '#server/http/answer-file.ts';
import { answerProgress } from '#server/http/answer-progress.ts';
import { readBody } from '#server/http/read-body.ts';
import { getDatabaseUrl } from '#server/service.ts';
import { doInThread, takeRoom } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

/** A part of all jobs in one file: `?first=…&last=…&part=…` as the list of parts names it. */
export const GET: RequestHandler = ({ locals, url }) => {
  const asked = readWith(filePartQuerySchema, Object.fromEntries(url.searchParams));
  if (!asked.ok) return answerRefusal(asked.refusal);
  const { first, last, part } = asked.value;
  return answerPieces(locals.request, `porthole-jobs-${part}.json`, (pieces, signal) => {
    const order = { url: getDatabaseUrl(), actor: resolveActor(), jobs: { first, last }, pieces };
    return doInThread('exportFile', order, { signal, transfer: [pieces] });
  });
};

/** Brings in a file of one job or of several. Who accepts lines is told how far it has come. */
export const POST: RequestHandler = async ({ locals, request }) => {
  // Room for what is about to come is taken before it comes: many large files at once are not held in memory to wait.
  const said = Number(request.headers.get('content-length') ?? LIMITS.file);
  const room = takeRoom('importFile', Math.min(said, LIMITS.file));
  const body = room
    ? await readBody(request, LIMITS.file, { hasRoom: true }).catch(leave(room))
    : TURNED_AWAY;
  if (!body.ok) room?.();
  const bringIn = async (signal: AbortSignal, tell: (done: number, of: number) => void = () => undefined) => {
    if (!body.ok) return body;
    const { port1, port2: progress } = new MessageChannel();
    port1.on('message', ({ done, of }: { done: number; of: number }) => tell(done, of));
    const order = { url: getDatabaseUrl(), actor: resolveActor(), bytes: body.value, progress };
    try {
      return await doInThread('importFile', order, {
        signal,
        transfer: [progress, body.value.buffer],
        ...(room && { room }),
      });
    } finally {
      port1.close();
    }
  };
  const wantsLines = request.headers.get('accept')?.includes('application/x-ndjson');
  return wantsLines && body.ok
    ? answerProgress(locals.request, bringIn)
    : answer(locals.request, () => bringIn(request.signal));
};

const TURNED_AWAY = refuse<WireRefusal>({ code: 'work-given-up', why: 'too-busy' });

/** A client that goes away while it sends gives its room back. */
const leave = (room: () => void) => (error: unknown) => {
  room();
  throw error;
};
