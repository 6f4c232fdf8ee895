import { createServer } from 'node:net';

/**
 * Whether a port of 127.0.0.1 is free.
 * @param {number} port
 * @returns {Promise<boolean>}
 */
export function isPortFree(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(false));
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(true)));
  });
}

/**
 * A port of 127.0.0.1 that nobody listens on: the preferred one if it is free.
 * @param {number} [preferred]
 * @returns {Promise<number>}
 */
export async function findFreePort(preferred) {
  if (preferred && (await isPortFree(preferred))) return preferred;
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      const port = typeof address === 'object' && address ? address.port : 0;
      server.close(() => resolve(port));
    });
  });
}
