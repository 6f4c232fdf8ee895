import { JsonGate } from '#core/formats/json-gate.ts';
import { LIMITS } from '#core/formats/limits.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';

/**
 * A request's body of JSON text as bytes. Reading stops as soon as it is larger than `limit` bytes, nests deeper or holds more
 * lists and objects than any text of ours: nothing is ever built from such a one.
 */
export async function readBody(
  request: Request,
  limit: number,
): Promise<Result<Uint8Array<ArrayBuffer>, WireRefusal>> {
  const tooLarge = { code: 'body-too-large', limit } as const;
  if (Number(request.headers.get('content-length') ?? 0) > limit) return refuse(tooLarge);
  const groups = Math.ceil((limit / 1024 / 1024) * LIMITS.groupsPerMegabyte);
  const gate = new JsonGate({ depth: LIMITS.depth, groups });
  const chunks: Uint8Array[] = [];
  let size = 0;
  if (request.body) {
    const reader = request.body.getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      size += value.byteLength;
      const isSmall = size <= limit;
      if (!isSmall || !gate.pass(value)) {
        await reader.cancel();
        return refuse(isSmall ? { code: 'body-too-nested' } : tooLarge);
      }
      chunks.push(value);
    }
  }
  return accept(join(chunks, size));
}

/** A buffer of its own, so that it can be handed on to a thread. */
function join(chunks: readonly Uint8Array[], size: number): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    bytes.set(chunk, at);
    at += chunk.byteLength;
  }
  return bytes;
}
