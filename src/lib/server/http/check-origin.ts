import type { WireRefusal } from '#core/formats';
import { isLoopback, type Named } from './named.ts';

const LOOPBACK = /^(?:localhost|127\.0\.0\.1|\[::1\])(?::\d+)?$/;

/**
 * Refuses what another site might send. A server answers to the names it was given, and to loopback names, whatever a foreign
 * name resolves to; a request that changes something must come from a page of the same host, by the scheme it is served by.
 */
export function checkOrigin(
  request: Request,
  listensOn: string,
  names: readonly Named[],
): WireRefusal | null {
  const host = (request.headers.get('host') ?? '').toLowerCase();
  const schemes = names.filter((name) => isOf(name, host)).map(({ scheme }) => scheme);
  if (LOOPBACK.test(host)) schemes.push('http');
  if (schemes.length === 0 || (isLoopback(listensOn) && names.length === 0 && !LOOPBACK.test(host)))
    return { code: 'host-refused', host: host.slice(0, 80) };
  if (request.method === 'GET' || request.method === 'HEAD') return null;
  const origin = request.headers.get('origin');
  return schemes.some((scheme) => origin === `${scheme}://${host}`) ? null : { code: 'origin-refused' };
}

const isOf = ({ host, port }: Named, said: string): boolean =>
  port === null ? said.replace(/:\d+$/, '') === host : said === `${host}:${port}`;
