import type { WireRefusal } from '#core/formats/wire.ts';

const LOOPBACK = /^(?:localhost|127\.0\.0\.1|\[::1\])(?::\d+)?$/;

/**
 * Refuses what another site might send: a request that changes something must come from a page of this host, and a
 * server that listens on loopback answers to loopback names only, whatever a foreign name resolves to.
 */
export function checkOrigin(request: Request, listensOn: string): WireRefusal | null {
  const host = request.headers.get('host') ?? '';
  const loopback = listensOn === '127.0.0.1' || listensOn === 'localhost' || listensOn === '::1';
  if (loopback && !LOOPBACK.test(host)) return { code: 'host-refused', host: host.slice(0, 80) };
  if (request.method === 'GET' || request.method === 'HEAD') return null;
  const origin = request.headers.get('origin');
  const same = origin !== null && URL.canParse(origin) && new URL(origin).host === host;
  return same ? null : { code: 'origin-refused' };
}
