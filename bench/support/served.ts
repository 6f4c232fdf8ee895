import { findFreePort } from '../../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../../scripts/system/server.mjs';

/** A built server under measurement. */
export interface Served {
  readonly url: string;
  readonly ask: (path: string, init?: RequestInit) => Promise<Response>;
  /** How long the event loop was held at most since it was last asked, ms; what memory it takes, bytes. */
  readonly look: () => Promise<{ held: number; rss: number; heapUsed: number }>;
  readonly close: () => Promise<void>;
}

export async function serve(databaseUrl: string): Promise<Served> {
  const [port, loopPort] = [await findFreePort(), await findFreePort()];
  const nodeOptions = process.env['NODE_OPTIONS'];
  process.env['NODE_OPTIONS'] = `--import=${new URL('watch-loop.mjs', import.meta.url).href}`;
  process.env['LOOP_PORT'] = String(loopPort);
  const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';
  const server = await startServer({ build, port, url: databaseUrl, level: 'error', logTo: 'inherit' });
  if (nodeOptions === undefined) delete process.env['NODE_OPTIONS'];
  else process.env['NODE_OPTIONS'] = nodeOptions;
  delete process.env['LOOP_PORT'];
  const url = `http://localhost:${port}`;
  return {
    url,
    ask: (path, init = {}) =>
      fetch(`${url}${path}`, {
        ...init,
        headers: {
          origin: url,
          'content-type': 'application/json',
          ...(init.headers as Record<string, string>),
        },
      }),
    look: async () =>
      (await (await fetch(`http://127.0.0.1:${loopPort}`)).json()) as {
        held: number;
        rss: number;
        heapUsed: number;
      },
    close: () => stopServer(server),
  };
}

export const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
export const percentile = (values: readonly number[], share: number): number =>
  values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? NaN;
