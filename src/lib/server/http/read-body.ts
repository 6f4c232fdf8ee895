import { JsonGate } from '#core/formats/json-gate.ts';
import { LIMITS } from '#core/formats/limits.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';

/** Bytes after which whoever else waits has a turn: some 2 ms. */
const TURN = 128 * 1024;

/**
 * A request's body of JSON text as bytes. As soon as it is larger than `limit` bytes, nests deeper or holds more lists and objects
 * than any text of ours, nothing more of it is kept and nothing is ever built from it; what still comes is let go by, so that the
 * refusal is heard.
 */
export async function readBody(
  request: Request,
  limit: number,
): Promise<Result<Uint8Array<ArrayBuffer>, WireRefusal>> {
  const said = Number(request.headers.get('content-length') ?? 0);
  const groups = Math.ceil((limit / 1024 / 1024) * LIMITS.groupsPerMegabyte);
  const gate = new JsonGate({ depth: LIMITS.depth, groups });
  let refusal: WireRefusal | null = said > limit ? { code: 'body-too-large', limit } : null;
  let bytes = makeRoom(refusal ? 0 : said);
  let size = 0;
  let since = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    since += value.byteLength;
    if (since > TURN) {
      since = 0;
      await new Promise((resolve) => setImmediate(resolve));
    }
    if (refusal) continue;
    if (size + value.byteLength > limit) refusal = { code: 'body-too-large', limit };
    else if (!gate.pass(value)) refusal = { code: 'body-too-nested' };
    if (refusal) {
      bytes = makeRoom(0);
      continue;
    }
    if (size + value.byteLength > bytes.byteLength) bytes = grow(bytes, size + value.byteLength);
    bytes.set(value, size);
    size += value.byteLength;
  }
  return refusal ? refuse(refusal) : accept(size === bytes.byteLength ? bytes : bytes.slice(0, size));
}

/** Not wiped first, which would take its time: what is not filled is cut off. A buffer of its own, so that it can be handed on. */
const makeRoom = (size: number): Uint8Array<ArrayBuffer> =>
  new Uint8Array(Buffer.allocUnsafeSlow(size).buffer as ArrayBuffer);

/** Of a body that did not say how long it is. */
function grow(bytes: Uint8Array<ArrayBuffer>, least: number): Uint8Array<ArrayBuffer> {
  const larger = makeRoom(Math.max(least, bytes.byteLength * 2, 16 * 1024));
  larger.set(bytes);
  return larger;
}
