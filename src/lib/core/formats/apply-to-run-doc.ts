import { accept, refuse, type Result } from '#core/outcome';
import { applyOps, type ChangeRefusal, type Op } from '#core/runs/changes';
import {
  COLLECTIONS,
  findBrokenReference,
  RUN_SCHEMA,
  type RunDoc,
  type RecordName,
  getRecordKind,
} from '#core/runs/document';
import { readRunDoc, type DocumentRefusal } from './read-run-doc.ts';
import { readWith, type InputRefusal } from './read-with.ts';
import { ruleChoicesSchema } from './rule-choices.schema.ts';
import { getEntrySchema } from './run-doc.schema.ts';

/**
 * Applies the operations of a change to a document that was sound, and gives the document after it: the same as reading the
 * whole of it anew, at the cost of what the operations touch. Refuses what does not fit, what would leave an entry that is
 * none, more entries than are taken, or a reference that leads nowhere.
 */
export function applyToRunDoc(
  before: RunDoc,
  ops: readonly Op[],
): Result<RunDoc, ChangeRefusal | DocumentRefusal> {
  const applied = applyOps(before, ops);
  if (!applied.ok) return applied;
  const doc = applied.value;
  const wrong = findWrongEntry(doc, ops) ?? findOverfull(doc, ops) ?? findBrokenReference(doc);
  return wrong ? refuse(wrong) : accept(doc);
}

/**
 * A document as the database holds it. What was kept in the present version was read when it was kept; an older one is carried
 * up, and one that is no document at all is refused by where it is wrong.
 */
export function readKeptRunDoc(input: unknown): Result<RunDoc, DocumentRefusal> {
  return isPresent(input) ? accept(input) : readRunDoc(input);
}

const isPresent = (input: unknown): input is RunDoc =>
  isObject(input) &&
  input['schema'] === RUN_SCHEMA &&
  COLLECTIONS.every((collection) => isObject(input[collection]));

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function findWrongEntry(doc: RunDoc, ops: readonly Op[]): InputRefusal | null {
  const seen = new Set<string>();
  for (const { in: collection, id } of ops) {
    const key = collection === 'ruleChoices' ? collection : `${collection}.${id}`;
    if (seen.has(key)) continue;
    seen.add(key);
    const wrong = collection === 'ruleChoices' ? findWrongChoice(doc) : findWrongAt(doc, collection, id);
    if (wrong) return wrong;
  }
  return null;
}

function findWrongChoice(doc: RunDoc): InputRefusal | null {
  const read = readWith(ruleChoicesSchema, doc.ruleChoices);
  return read.ok ? null : within('ruleChoices', read.refusal);
}

function findWrongAt(doc: RunDoc, collection: RecordName, id: string): InputRefusal | null {
  const entries: Readonly<Record<string, unknown>> = doc[collection];
  if (!Object.hasOwn(entries, id)) return null;
  const read = readWith(getEntrySchema(collection), entries[id]);
  if (!read.ok) return within(`${collection}.${id}`, read.refusal);
  const { id: own } = read.value as { readonly id: string };
  return own === id ? null : { code: 'input-invalid', path: '', rule: 'any.invalid', limit: null };
}

function findOverfull(doc: RunDoc, ops: readonly Op[]): InputRefusal | null {
  for (const name of new Set(ops.map((op) => op.in))) {
    if (name === 'ruleChoices') continue;
    const kind = getRecordKind(name);
    const limit = Object.keys(doc[name]).length > kind.most ? kind.most : kind.findOverfull?.(doc[name]);
    if (typeof limit === 'number')
      return { code: 'input-invalid', path: name, rule: 'object.max', limit: String(limit) };
  }
  return null;
}

const within = (place: string, refusal: InputRefusal): InputRefusal => ({
  ...refusal,
  path: refusal.path ? `${place}.${refusal.path}` : place,
});
