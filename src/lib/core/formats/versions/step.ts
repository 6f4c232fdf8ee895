import type { Op } from '#core/runs/changes';
import type { Json } from '#core/outcome';

export type Fields = Readonly<Record<string, unknown>>;

/** How one version becomes the next: documents, and operations on them (which know nothing of the document they are for). */
export interface Step {
  readonly document: (doc: Fields) => Fields;
  /** Operations in the form of the version before become those of this one; what has this one's form already stays. */
  readonly operation: (op: Op) => readonly Op[];
}

/** Whether something is an object with fields: no list, not null. */
export const isObject = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Carries each entry of a collection; what is no collection stays. */
export const mapEntries = (entries: unknown, carry: (value: unknown) => unknown): unknown =>
  isObject(entries)
    ? Object.fromEntries(Object.entries(entries).map(([id, value]) => [id, carry(value)]))
    : entries;

/** Carries the values of an operation on a whole entry. */
export function mapWhole(op: Op, carry: (value: unknown) => unknown): Op {
  const carried = (value: Json): Json => carry(value) as Json;
  switch (op.op) {
    case 'insert':
      return { ...op, value: carried(op.value) };
    case 'remove':
      return { ...op, old: carried(op.old) };
    case 'replace':
      return { ...op, old: carried(op.old), value: carried(op.value) };
    case 'set':
      return op;
  }
}

/** A step in which nothing changes but that there are new collections, of which older documents have no entry. */
export const addCollections = (...names: readonly string[]): Step => ({
  document: (doc) => ({ ...doc, ...Object.fromEntries(names.map((name) => [name, {}])) }),
  operation: (op) => [op],
});

/** A step that carries the entries of some collections, each by itself. */
export const carryRecords = (
  carry: Readonly<Partial<Record<Op['in'], (value: unknown) => unknown>>>,
): Step => ({
  document: (doc) => ({
    ...doc,
    ...Object.fromEntries(Object.entries(carry).map(([name, each]) => [name, mapEntries(doc[name], each)])),
  }),
  operation: (op) => {
    const each = carry[op.in];
    return [each ? mapWhole(op, each) : op];
  },
});

/** A step that carries what closes a node: in whole nodes, and where an operation sets it alone. */
export const carryTerminals = (carry: (terminal: unknown) => unknown): Step => {
  const carryNode = (node: unknown): unknown =>
    isObject(node) && 'terminal' in node ? { ...node, terminal: carry(node['terminal']) } : node;
  const { document, operation } = carryRecords({ nodes: carryNode });
  return {
    document,
    operation: (op) =>
      op.in === 'nodes' && op.op === 'set' && op.field === 'terminal'
        ? [{ ...op, old: carry(op.old) as Json, value: carry(op.value) as Json }]
        : operation(op),
  };
};

/** Several steps of one version, one after another. */
export const together = (...steps: readonly Step[]): Step => ({
  document: (doc) => steps.reduce((carried, { document }) => document(carried), doc),
  operation: (op) =>
    steps.reduce<readonly Op[]>((carried, { operation }) => carried.flatMap(operation), [op]),
});
