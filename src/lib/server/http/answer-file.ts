import type { WireRefusal } from '#core/formats';
import type { Result } from '#core/outcome';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { answer, toBody } from './answer.ts';

/** Milliseconds after which a client that takes nothing of what is sent is given up: its thread is somebody else's. */
const UNREAD = 20_000;
const JSON_TYPE = 'application/json; charset=utf-8';

/** Answers with a file to be saved; a refusal is answered as everywhere. */
export async function answerFile(
  request: string,
  name: string,
  useCase: () => Promise<Result<Uint8Array, WireRefusal>>,
  type: string,
): Promise<Response> {
  let body: BodyInit = '';
  const answered = await answer(request, async () => {
    const result = await useCase();
    if (!result.ok) return result;
    body = toBody([result.value]);
    return { ok: true, value: null };
  });
  return answered.ok ? saveAs(body, name, type) : answered;
}

/**
 * Answers with a file that a thread writes piece by piece while it is sent, at the pace at which it is taken. What is refused
 * before the first piece is answered as everywhere; what breaks off later breaks the file off, so that it is not taken for whole.
 * A client that goes away, or takes nothing for a while, stops the thread.
 */
export async function answerPieces(
  request: string,
  name: string,
  write: (pieces: MessagePort, signal: AbortSignal) => Promise<Result<void, WireRefusal>>,
): Promise<Response> {
  const { port1: ours, port2: theirs } = new MessageChannel();
  const stop = new AbortController();
  let unread: NodeJS.Timeout | undefined;
  let isWanted: () => void = () => undefined;
  let begin: (refused: Response | null) => void = () => undefined;
  const begun = new Promise<Response | null>((done) => (begin = done));
  const body = new ReadableStream<Uint8Array>(
    {
      start(controller) {
        ours.on('message', (bytes: Uint8Array) => {
          controller.enqueue(bytes);
          begin(null);
          isWanted = () => {
            clearTimeout(unread);
            isWanted = () => undefined;
            ours.postMessage('more');
          };
          if ((controller.desiredSize ?? 0) > 0) isWanted();
          else unread = setTimeout(() => stop.abort(), UNREAD);
        });
        void answer(request, async () => {
          const result = await write(theirs, stop.signal);
          return result.ok ? { ok: true, value: null } : result;
        }).then((response) => {
          clearTimeout(unread);
          ours.close();
          if (response.ok) controller.close();
          else controller.error(new Error('the file broke off'));
          begin(response.ok ? null : response);
        });
      },
      pull: () => isWanted(),
      cancel: () => stop.abort(),
    },
    { highWaterMark: 1 },
  );
  return (await begun) ?? saveAs(body as unknown as BodyInit, name, JSON_TYPE);
}

const saveAs = (body: BodyInit, name: string, type: string): Response =>
  new Response(body, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name.replace(/[^A-Za-z0-9._-]+/g, '-')}"`,
      'cache-control': 'no-store',
    },
  });
