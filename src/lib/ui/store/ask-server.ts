import { accept, refuse, type Result } from '#core/outcome';
import { isKnownRefusal, type Refusal } from '#words/refusals.ts';

/** Milliseconds after which a server that does not answer is taken to be away. */
const PATIENCE = 8000;

/** Asks the server over its API; network trouble and refusals come back as data. What it gives must be read by the caller. */
export async function askServer(
  method: 'GET' | 'POST' | 'PUT',
  path: string,
  body?: unknown,
  patience = PATIENCE,
): Promise<Result<unknown, Refusal>> {
  let answer: unknown;
  try {
    const response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? null : JSON.stringify(body),
      signal: AbortSignal.timeout(patience),
      cache: 'no-store',
    });
    answer = await response.json();
  } catch {
    return refuse({ code: 'server-away' });
  }
  if (typeof answer === 'object' && answer !== null) {
    if ('value' in answer) return accept(answer.value);
    if ('refusal' in answer && isKnownRefusal(answer.refusal)) return refuse(answer.refusal);
  }
  return refuse({ code: 'server-failed', request: 'unknown' });
}

/** What is said of the way to the server and of what is there, and not of what was sent. */
const OF_THE_WAY: ReadonlySet<string> = new Set([
  'route-unknown',
  'host-refused',
  'origin-refused',
  'body-not-json',
  'job-unknown',
  'run-unknown',
]);

/** Whether what was sent is itself what was refused, so that the same will be refused again. */
export const isAboutWhatWasSent = (refusal: Refusal): boolean =>
  !isPassing(refusal) && !OF_THE_WAY.has(refusal.code);

/** Whether trying again later may help: nothing was decided about what was sent. */
export const isPassing = ({ code }: Refusal): boolean =>
  code === 'server-away' || code === 'database-away' || code === 'server-failed' || code === 'work-given-up';
