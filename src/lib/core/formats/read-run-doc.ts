import { refuse, type Result } from '../outcome/result.ts';
import type { Json, Op } from '../runs/change.ts';
import { findBrokenReference, type BrokenReference } from '../runs/check-run.ts';
import { RUN_SCHEMA, type RunDoc } from '../runs/run.ts';
import { readWith, type InputRefusal } from './read-with.ts';
import { runDocSchema } from './run-doc.schema.ts';

export type DocumentRefusal =
  | InputRefusal
  | BrokenReference
  | { readonly code: 'document-too-new'; readonly schema: number; readonly newest: number };

/** Version n → the step that carries a document of version n to n + 1. Named here, kept for ever. */
const MIGRATIONS: Readonly<Record<number, (doc: Record<string, unknown>) => Record<string, unknown>>> = {
  // 2: an end of a run may be something found in place. Older documents have none.
  1: (doc) => ({ ...doc, schema: 2 }),
  // 3: measures name any two references; offsets, parts in a leg, own parts. Older measures are centre to centre.
  2: (doc) => ({ ...doc, schema: 3, measures: widenMeasures(doc['measures']) }),
  // 4: joints that are clocked. Older documents have none.
  3: (doc) => ({ ...doc, schema: 4, clockings: {} }),
  // 5: a house may judge by a window of turns of its own, and add its own way to more rules. Older choices stand as they are.
  4: (doc) => ({ ...doc, schema: 5 }),
};

/** An operation of any version in the form of the present one: only measures ever changed theirs. */
export function carryUpOp(op: Op): Op {
  if (op.in !== 'measures' || op.op === 'set') return op;
  const widen = (value: unknown) => widenMeasure(value) as Json;
  if (op.op === 'insert') return { ...op, value: widen(op.value) };
  if (op.op === 'remove') return { ...op, old: widen(op.old) };
  return { ...op, old: widen(op.old), value: widen(op.value) };
}

/** Damaged entries are left as they are: the schema says where. */
const widenMeasures = (measures: unknown): unknown =>
  isObject(measures)
    ? Object.fromEntries(Object.entries(measures).map(([id, measure]) => [id, widenMeasure(measure)]))
    : measures;

function widenMeasure(measure: unknown): unknown {
  if (!isObject(measure) || 'along' in measure) return measure;
  const widenRef = (ref: unknown): unknown => {
    if (!isObject(ref) || !('node' in ref)) return ref;
    const { node, ...rest } = ref;
    return { ...rest, id: node, gap: 0 };
  };
  return { ...measure, from: widenRef(measure['from']), to: widenRef(measure['to']), along: null };
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Reads a stored or sent run document of any version up to the present one. Refuses what does not have its shape,
 * a reference that leads nowhere, and a document from a newer Porthole.
 */
export function readRunDoc(input: unknown): Result<RunDoc, DocumentRefusal> {
  let doc = input as Record<string, unknown>;
  const schema: unknown = typeof input === 'object' && input !== null ? doc['schema'] : null;
  if (typeof schema === 'number') {
    if (schema > RUN_SCHEMA) return refuse({ code: 'document-too-new', schema, newest: RUN_SCHEMA });
    for (let version = schema; version < RUN_SCHEMA && MIGRATIONS[version]; version++) {
      doc = MIGRATIONS[version]!(doc);
    }
  }
  const read = readWith(runDocSchema, doc);
  if (!read.ok) return read;
  const broken = findBrokenReference(read.value);
  return broken ? refuse(broken) : read;
}
