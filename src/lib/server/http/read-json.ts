import type { Schema } from 'joi';
import { LIMITS } from '#core/formats/limits.ts';
import { readWith } from '#core/formats/read-with.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { refuse, type Result } from '#core/outcome/result.ts';

/** Reads a request's body as JSON by a schema; stops reading as soon as it is too large. */
export async function readJson<Value>(
  request: Request,
  schema: Schema<Value>,
): Promise<Result<Value, WireRefusal>> {
  const text = await readText(request, LIMITS.body);
  if (text === null) return refuse({ code: 'body-too-large', limit: LIMITS.body });
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return refuse({ code: 'body-not-json' });
  }
  return readWith(schema, input);
}

/** A request's body as text; null as soon as it is larger than `limit` bytes. */
export async function readText(request: Request, limit: number): Promise<string | null> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) return null;
  if (!request.body) return '';
  const decoder = new TextDecoder();
  const reader = request.body.getReader();
  let [text, bytes] = ['', 0];
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.byteLength;
    if (bytes > limit) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}
