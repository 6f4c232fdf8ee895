import type { WireRefusal } from '#core/formats/wire.ts';
import type { Result } from '#core/outcome/result.ts';
import { applyChange, carryUp } from './apply-change.ts';
import { readChange, type ChangeText } from './read-change.ts';
import { doInThread } from './work-force.ts';

/** Characters of JSON up to which going to a thread and back takes longer than the work: some 300 legs, 4 ms. */
const LIGHT = 200_000;

/** Applies operations to a document, here or in a thread, by what they weigh. */
export const applyByWeight = async (doc: string, ops: string): Promise<Result<string, WireRefusal>> =>
  doc.length + ops.length <= LIGHT ? applyChange({ doc, ops }) : doInThread('applyChange', { doc, ops });

/** Reads a change, here or in a thread, by what it weighs. */
export const readByWeight = async (bytes: Uint8Array): Promise<Result<ChangeText, WireRefusal>> =>
  bytes.byteLength <= LIGHT ? readChange(bytes) : doInThread('readChange', bytes);

/** Carries a document of an older version up, here or in a thread, by what it weighs. */
export const carryUpByWeight = async (doc: string): Promise<Result<string, WireRefusal>> =>
  doc.length <= LIGHT ? carryUp(doc) : doInThread('carryUp', doc);
