import { building } from '$app/environment';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { answerRefusal } from '#server/http/answer.ts';
import { checkOrigin } from '#server/http/check-origin.ts';
import { DATA_POLICY, SECURITY_HEADERS } from '#server/http/headers.ts';
import { log } from '#server/log.ts';
import { newId } from '#server/new-id.ts';
import { startService, stopService } from '#server/service.ts';

export const init: ServerInit = async () => {
  if (building) return;
  process.on('sveltekit:shutdown', () => void stopService());
  await startService(process.env['PORTHOLE_MIGRATIONS'] ?? 'drizzle');
};

export const handle: Handle = async ({ event, resolve }) => {
  const began = performance.now();
  event.locals.request = newId();
  const refusal = checkOrigin(event.request, process.env['HOST'] ?? '127.0.0.1');
  const response = refusal ? answerRefusal(refusal) : await resolve(event);
  for (const [name, value] of Object.entries(SECURITY_HEADERS)) response.headers.set(name, value);
  if (response.headers.get('content-type')?.startsWith('application/json')) {
    response.headers.set('content-security-policy', DATA_POLICY);
  }
  log.info({
    request: event.locals.request,
    method: event.request.method,
    route: event.route.id,
    status: response.status,
    ms: Math.round(performance.now() - began),
  });
  return response;
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
  const { request } = event.locals;
  if (status >= 500) log.error({ request, err: error }, 'page failed');
  return { message, request };
};
