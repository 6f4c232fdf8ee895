import { changeSchema, type WireRefusal } from '#core/formats';
import { accept, type Result } from '#core/outcome';
import type { Change } from '#core/runs/changes';
import { readText } from './read-text.ts';

/** A change whose operations stay the text they came as: that is how they are kept. */
export interface ChangeText extends Omit<Change, 'ops'> {
  readonly ops: string;
}

/** Bytes of a change up to which it is read where it arrives: 2 ms. */
const LIGHT = 64 * 1024;
export const isLightChange = (bytes: Uint8Array): boolean => bytes.byteLength <= LIGHT;

/** Reads a change (UTF-8) by its schema. */
export function readChange(bytes: Uint8Array): Result<ChangeText, WireRefusal> {
  const read = readText(bytes, changeSchema);
  return read.ok ? accept(toChangeText(read.value)) : read;
}

export const toChangeText = ({ ops, ...change }: Change): ChangeText => ({
  ...change,
  ops: JSON.stringify(ops),
});
