import type { WireRefusal } from '#core/formats';
import type { Result } from '#core/outcome';
import { answer } from './answer.ts';

/**
 * Answers long work line by line: `{ progress }` while it goes on, at last what it came to, as `answer` would have answered it.
 * A client that goes away stops the work.
 */
export function answerProgress(
  request: string,
  useCase: (
    signal: AbortSignal,
    tell: (done: number, of: number) => void,
  ) => Promise<Result<unknown, WireRefusal>>,
): Response {
  const stop = new AbortController();
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      const write = (value: unknown): void => {
        if (!stop.signal.aborted) controller.enqueue(encoder.encode(`${JSON.stringify(value)}\n`));
      };
      const last = await answer(request, () =>
        useCase(stop.signal, (done, of) => write({ progress: { done, of } })),
      );
      write(await last.json());
      if (!stop.signal.aborted) controller.close();
    },
    cancel: () => stop.abort(),
  });
  return new Response(body, {
    headers: { 'content-type': 'application/x-ndjson; charset=utf-8', 'cache-control': 'no-store' },
  });
}
