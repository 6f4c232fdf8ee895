import type { Schema } from 'joi';
import { LIMITS } from '#core/shapes';
import type { WireRefusal } from '#core/formats';
import type { Result } from '#core/outcome';
import { readText } from '../work/read-text.ts';
import { readBody } from './read-body.ts';

/** Reads a request's body as JSON by a schema; of more bytes than the most it is refused. */
export async function readJson<Value>(
  request: Request,
  schema: Schema<Value>,
  most: number = LIMITS.body,
): Promise<Result<Value, WireRefusal>> {
  const body = await readBody(request, most);
  return body.ok ? readText(body.value, schema) : body;
}
