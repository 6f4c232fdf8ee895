import { applyToRunDoc, readKeptRunDoc, type WireRefusal } from '#core/formats';
import { accept, type Result } from '#core/outcome';
import type { Op } from '#core/runs/changes';

/** The text of a kept run document and that of operations → the text of the document after them. */
export function applyChange(doc: string, ops: string): Result<string, WireRefusal> {
  const before = readKeptRunDoc(JSON.parse(doc));
  if (!before.ok) return before;
  const after = applyToRunDoc(before.value, JSON.parse(ops) as Op[]);
  return after.ok ? accept(JSON.stringify(after.value)) : after;
}
