import { subscribe } from 'node:diagnostics_channel';
import type { IncomingMessage } from 'node:http';

/** Bytes that are let go by at a time. */
const GULP = 64 * 1024;
/** Bytes, and milliseconds, after which whoever still sends is cut off. */
const MOST = 256 * 1024 * 1024;
const LONGEST = 120_000;

/** Bodies that are being let go by: the more there are the slower each goes, so that all together they take little. */
let going = 0;

/**
 * Lets what is left of a request's body go by once it is answered. The framework leaves a body that nobody reads where it is, and the
 * next request on that connection would wait behind it until the connection is given up.
 */
export function letRestsGoBy(): void {
  subscribe('http.server.response.finish', (message) => {
    const { request } = message as { request: IncomingMessage };
    void letRestGoBy(request);
  });
}

/** A connection that ends with its answer is cut off with what is left on it, and the answer may be lost: the rest goes by before. */
export async function letRestGoByBefore(request: IncomingMessage): Promise<void> {
  const isLast = request.httpVersion === '1.0' || /close/i.test(request.headers.connection ?? '');
  if (isLast) await letRestGoBy(request);
}

/** Settles when nothing more comes. */
async function letRestGoBy(request: IncomingMessage): Promise<void> {
  if (request.complete || request.destroyed) return;
  const { socket } = request;
  let [gone, sip] = [0, 0];
  let turn: NodeJS.Timeout | undefined;
  // Who was to read it has refused it: it would only be piled up there.
  request.removeAllListeners('data');
  going++;
  const last = setTimeout(() => socket.destroy(), LONGEST).unref();
  request.on('data', (bytes: Uint8Array) => {
    gone += bytes.byteLength;
    sip += bytes.byteLength;
    if (gone > MOST) socket.destroy();
    if (sip < GULP) return;
    sip = 0;
    request.pause();
    turn = setTimeout(() => request.resume(), going);
  });
  request.resume();
  await new Promise<void>((done) => request.once('end', done).once('close', done));
  going--;
  clearTimeout(last);
  clearTimeout(turn);
}
