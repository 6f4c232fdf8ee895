import type { Schema } from 'joi';
import { accept, refuse, type Result } from '#core/outcome';

/** Something that came over a border is not as it must be: where, and which rule it breaks. */
export interface InputRefusal {
  readonly code: 'input-invalid';
  /** Names and keys from the outside in, e.g. `ops.0.id`. */
  readonly path: string;
  /** The rule as the schema names it, e.g. `string.max`. */
  readonly rule: string;
  readonly limit: string | null;
}

/** Reads an unknown value with a schema, converting nothing. Refuses with the first thing that is wrong. */
export function readWith<Value>(schema: Schema<Value>, input: unknown): Result<Value, InputRefusal> {
  const { value, error } = schema.validate(input, { abortEarly: true, convert: false });
  if (!error) return accept(value);
  const detail = error.details[0]!;
  const limit: unknown = detail.context?.['limit'] ?? detail.context?.['valids'];
  return refuse({
    code: 'input-invalid',
    path: detail.path.join('.'),
    rule: detail.type,
    limit: limit === undefined ? null : String(limit),
  });
}
