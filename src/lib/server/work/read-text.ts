import type { Schema } from 'joi';
import { findUnstorable } from '#core/formats/find-unstorable.ts';
import { readWith } from '#core/formats/read-with.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { refuse, type Result } from '#core/outcome/result.ts';

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
