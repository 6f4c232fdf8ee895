import type { Schema } from 'joi';
import { findUnstorable, readWith, type WireRefusal } from '#core/formats';
import { refuse, type Result } from '#core/outcome';

/** Reads JSON (UTF-8) by a schema. Refuses what is no JSON, text that cannot be kept, and what the schema does not take. */
export function readText<Value>(bytes: Uint8Array, schema: Schema<Value>): Result<Value, WireRefusal> {
  const text = new TextDecoder().decode(bytes);
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
