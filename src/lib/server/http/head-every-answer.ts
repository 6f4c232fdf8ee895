import { subscribe } from 'node:diagnostics_channel';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { DATA_POLICY, SECURITY_HEADERS } from './headers.ts';

/**
 * Puts the security headers on every answer of this process before anything else has a say in it: assets are served, and
 * malformed requests refused, by the framework without our hooks. A worker's script has its policy from its own answer, so
 * what the build made is left without one.
 */
export function headEveryAnswer(): void {
  subscribe('http.server.request.start', (message) => {
    const { request, response } = message as { request: IncomingMessage; response: ServerResponse };
    for (const [name, value] of Object.entries(SECURITY_HEADERS)) response.setHeader(name, value);
    if (!request.url?.startsWith('/_app/')) response.setHeader('content-security-policy', DATA_POLICY);
  });
}
