import { refuse, type Result } from '#core/outcome';
import { findBrokenReference, type BrokenReference, RUN_SCHEMA, type RunDoc } from '#core/runs/document';
import { carryUpDocument } from './carry-up.ts';
import { readWith, type InputRefusal } from './read-with.ts';
import { runDocSchema } from './run-doc.schema.ts';

export type DocumentRefusal =
  | InputRefusal
  | BrokenReference
  | { readonly code: 'document-too-new'; readonly schema: number; readonly newest: number };

/**
 * Reads a stored or sent run document of any version up to the present one. Refuses what does not have its shape,
 * a reference that leads nowhere, and a document from a newer Porthole.
 */
export function readRunDoc(input: unknown): Result<RunDoc, DocumentRefusal> {
  const isObject = typeof input === 'object' && input !== null;
  const schema: unknown = isObject ? (input as { schema?: unknown }).schema : null;
  if (typeof schema === 'number' && schema > RUN_SCHEMA)
    return refuse({ code: 'document-too-new', schema, newest: RUN_SCHEMA });
  const doc = isObject ? carryUpDocument(input as Readonly<Record<string, unknown>>) : input;
  const read = readWith(runDocSchema, doc);
  if (!read.ok) return read;
  const broken = findBrokenReference(read.value);
  return broken ? refuse(broken) : read;
}
