import { changeSchema } from '#core/formats/change.schema.ts';
import { findUnstorable } from '#core/formats/find-unstorable.ts';
import { readWith } from '#core/formats/read-with.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Change } from '#core/runs/change.ts';

/** A change whose operations stay the text they came as: that is how they are kept. */
export interface ChangeText extends Omit<Change, 'ops'> {
  readonly ops: string;
}

/** Bytes of a change up to which it is read where it arrives: 2 ms. */
const LIGHT = 64 * 1024;
export const isLightChange = (bytes: Uint8Array): boolean => bytes.byteLength <= LIGHT;

/** Reads a change (UTF-8) by its schema. */
export function readChange(bytes: Uint8Array): Result<ChangeText, WireRefusal> {
  const text = new TextDecoder().decode(bytes);
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return refuse({ code: 'body-not-json' });
  }
  const unstorable = findUnstorable(input, text);
  if (unstorable) return refuse({ code: 'text-unstorable', path: unstorable.join('.') });
  const read = readWith(changeSchema, input);
  return read.ok ? accept(toChangeText(read.value)) : read;
}

export const toChangeText = ({ ops, ...change }: Change): ChangeText => ({
  ...change,
  ops: JSON.stringify(ops),
});
