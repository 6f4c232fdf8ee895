import { building } from '$app/environment';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { isId } from '#core/shapes';
import type { WireRefusal } from '#core/formats';
import { answerRefusal } from '#server/http/answer.ts';
import { checkOrigin } from '#server/http/check-origin.ts';
import { headEveryAnswer } from '#server/http/head-every-answer.ts';
import { letRestGoByBefore, letRestsGoBy } from '#server/http/let-rest-go-by.ts';
import { readNames, type Named } from '#server/http/named.ts';
import { log } from '#server/log.ts';
import { describeError } from '#server/log-error.ts';
import { newId } from '#server/new-id.ts';
import { endInTime, startService, stopService } from '#server/service.ts';

let names: readonly Named[] = [];

export const init: ServerInit = async () => {
  if (building) return;
  headEveryAnswer();
  letRestsGoBy();
  const said = readNames(process.env['PORTHOLE_NAMES'] ?? '');
  if (typeof said === 'string') throw new Error(`PORTHOLE_NAMES holds “${said}”, which is no name`);
  names = said;
  // Only this machine unless told otherwise: the server that the build starts is read after this.
  process.env['HOST'] ??= '127.0.0.1';
  endInTime();
  process.on('sveltekit:shutdown', () => void stopService());
  await startService(process.env['PORTHOLE_MIGRATIONS'] ?? 'drizzle');
};

export const handle: Handle = async ({ event, resolve }) => {
  const began = performance.now();
  event.locals.request = newId();
  const refusal =
    checkOrigin(event.request, process.env['HOST'] ?? '127.0.0.1', names) ??
    findUnknownId(event.route.id, event.params);
  const response = refusal ? answerRefusal(refusal) : await resolve(event);
  if (event.platform?.req) await letRestGoByBefore(event.platform.req);
  log.info({
    request: event.locals.request,
    method: event.request.method,
    route: event.route.id,
    status: response.status,
    ms: Math.round(performance.now() - began),
  });
  return response;
};

/** What an address of the API names cannot be there unless it looks like an id. */
function findUnknownId(
  route: string | null,
  { job, run }: { readonly job?: string | undefined; readonly run?: string | undefined },
): WireRefusal | null {
  if (!route?.startsWith('/api/')) return null;
  if (job !== undefined && !isId(job)) return { code: 'job-unknown', job: job.slice(0, 80) };
  if (run !== undefined && !isId(run)) return { code: 'run-unknown', run: run.slice(0, 80) };
  return null;
}

export const handleError: HandleServerError = ({ error, event, status, message }) => {
  const { request } = event.locals;
  if (status >= 500) log.error({ request, error: describeError(error) }, 'page failed');
  return { message, request };
};
