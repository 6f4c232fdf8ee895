import type { Schema } from 'joi';
import { findUnstorable } from '#core/formats/find-unstorable.ts';
import { LIMITS } from '#core/formats/limits.ts';
import { readWith } from '#core/formats/read-with.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { refuse, type Result } from '#core/outcome/result.ts';
import { readBody } from './read-body.ts';

/** Reads a request's body as JSON by a schema. */
export async function readJson<Value>(
  request: Request,
  schema: Schema<Value>,
): Promise<Result<Value, WireRefusal>> {
  const body = await readBody(request, LIMITS.body);
  if (!body.ok) return body;
  const text = new TextDecoder().decode(body.value);
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return refuse({ code: 'body-not-json' });
  }
  const unstorable = findUnstorable(input, text);
  if (unstorable) return refuse({ code: 'text-unstorable', path: unstorable.join('.') });
  return readWith(schema, input);
}
