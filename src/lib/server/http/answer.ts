import { json } from '@sveltejs/kit';
import type { WireRefusal } from '#core/formats';
import type { Result } from '#core/outcome';
import { isDatabaseAway } from '../db/database-away.ts';
import { log } from '../log.ts';
import { describeError } from '../log-error.ts';
import { JsonText } from '../work/json-text.ts';

const STATUS: Readonly<Record<WireRefusal['code'], number>> = {
  'input-invalid': 400,
  'run-reference-broken': 400,
  'document-too-new': 409,
  'file-not-json': 400,
  'file-not-ours': 400,
  'file-too-new': 409,
  'file-id-twice': 400,
  'file-run-damaged': 400,
  'file-history-broken': 400,
  'change-does-not-fit': 409,
  'body-too-large': 413,
  'body-not-json': 400,
  'body-too-nested': 400,
  'text-unstorable': 400,
  'work-given-up': 503,
  'origin-refused': 403,
  'host-refused': 403,
  'route-unknown': 404,
  'job-unknown': 404,
  'job-finished': 409,
  'job-not-finished': 409,
  'job-undone': 409,
  'job-moving': 409,
  'run-unknown': 404,
  'piece-unknown': 404,
  'appliance-unknown': 404,
  'specimen-unknown': 404,
  'specimen-has-no-end': 409,
  'event-corrects-nothing': 409,
  'id-taken': 409,
  'change-id-reused': 409,
  'change-stale': 409,
  'changed-elsewhere': 409,
  'shop-part-end-unlisted': 400,
  'shop-part-name-taken': 409,
  'shop-parts-full': 409,
  'sheet-size': 400,
  'sheet-figure': 400,
  'sheet-thread': 400,
  'sheet-twice': 400,
  'sheet-radii': 400,
  'sheet-nothing': 400,
  'sheet-named-twice': 409,
  'sheets-full': 409,
  'job-full': 409,
  'database-away': 503,
  'server-failed': 500,
};

/** A refusal as an answer: `{ refusal }` with the status that goes with it. */
export const answerRefusal = (refusal: WireRefusal): Response =>
  json({ refusal }, { status: STATUS[refusal.code], headers: { 'cache-control': 'no-store' } });

/** `{ value }`; a value that is bytes already is JSON and is sent as it is. */
function answerJson(value: unknown): Response {
  const headers = { 'content-type': 'application/json', 'cache-control': 'no-store' };
  if (!(value instanceof Uint8Array)) return new Response(JsonText.object({ value }).text, { headers });
  return new Response(toBody([BEFORE, value, AFTER]), { headers });
}

/** Bytes as a body, one after another; given as they are they would be copied first. */
export function toBody(bytes: readonly Uint8Array[]): BodyInit {
  const parts = bytes.values();
  const body = new ReadableStream<Uint8Array>({
    pull(controller) {
      const { value, done } = parts.next();
      if (done) controller.close();
      else controller.enqueue(value);
    },
  });
  return body as unknown as BodyInit;
}
const [BEFORE, AFTER] = ['{"value":', '}'].map((text) => new TextEncoder().encode(text)) as [
  Uint8Array,
  Uint8Array,
];

/** Answers a request with what a use case gives: `{ value }` or `{ refusal }`. A bug is logged and told by its request id. */
export async function answer(
  request: string,
  useCase: () => Promise<Result<unknown, WireRefusal>>,
): Promise<Response> {
  try {
    const result = await useCase();
    if (!result.ok) return answerRefusal(result.refusal);
    return answerJson(result.value);
  } catch (error) {
    if (isDatabaseAway(error)) {
      log.warn({ request, error: describeError(error) }, 'database away');
      return answerRefusal({ code: 'database-away' });
    }
    log.error({ request, error: describeError(error) }, 'request failed');
    return answerRefusal({ code: 'server-failed', request });
  }
}
