import { type Collection, copyCollection, noteCopy, type RunDoc } from '#core/runs/document';
import { isSameJson, type Json, accept, refuse, type Result } from '#core/outcome';

/** The four operations. Each carries the value it expects to find, so that inverting is proved once. */
export type Op =
  | { readonly op: 'insert'; readonly in: Collection; readonly id: string; readonly value: Json }
  | { readonly op: 'remove'; readonly in: Collection; readonly id: string; readonly old: Json }
  | {
      readonly op: 'set';
      readonly in: Collection;
      readonly id: string;
      readonly field: string;
      readonly old: Json;
      readonly value: Json;
    }
  | {
      readonly op: 'replace';
      readonly in: Collection;
      readonly id: string;
      readonly old: Json;
      readonly value: Json;
    };

/** What a change did, as data: words turns it into a sentence. */
export interface ChangeLabel {
  readonly command: CommandName;
  /** The tag of the leg it was about, where there is one. */
  readonly leg: number | null;
  /** Set when this change takes another back, or brings it back. */
  readonly turn: 'undo' | 'redo' | null;
}

export const COMMAND_NAMES = [
  'add-leg',
  'insert-leg',
  'take-out-leg',
  'move-leg',
  'redirect-leg',
  'branch-here',
  'put-part',
  'take-out-part',
  'choose-part',
  'set-bend',
  'measure-part',
  'pick-transition',
  'take-out-transition',
  'bush-down',
  'change-measure',
  'add-measure',
  'refer-measure',
  'remove-measure',
  'resize-legs',
  'remove-legs',
  'close-end',
  'build-trap',
  'say-zone',
  'say-cover',
  'say-bearing',
  'say-print',
  'say-fished',
  'put-passage',
  'take-out-passage',
  'switch-legs',
  'put-right',
  'choose-rule',
  'use-maker',
  'clock-joint',
  'copy-run',
  'write-run',
  'go-back',
] as const;
export type CommandName = (typeof COMMAND_NAMES)[number];

/** One user action. `base` is the revision the device had when it was made; `by` is who is at the bench. */
export interface Change {
  readonly id: string;
  readonly base: number;
  readonly by: string;
  readonly at: string;
  readonly label: ChangeLabel;
  readonly ops: readonly Op[];
}

/** What a command plans, before it is given an id and a place in the history. */
export interface PlannedChange {
  readonly label: ChangeLabel;
  readonly ops: readonly Op[];
}

/** The document is not as the operation expects it: another change got there first, or it is from another run. */
export interface ChangeRefusal {
  readonly code: 'change-does-not-fit';
  readonly op: number;
  readonly in: string;
  readonly id: string;
  readonly why: 'already-there' | 'not-there' | 'other-value';
}

/**
 * Applies operations one after another to a document, which is not altered. Refuses at the first operation whose
 * old value is not what stands there.
 */
export function applyOps(doc: RunDoc, ops: readonly Op[]): Result<RunDoc, ChangeRefusal> {
  const touched = new Map<Collection, TouchedCollection>();
  for (const [index, op] of ops.entries()) {
    const known = touched.get(op.in);
    const collection = known ?? new TouchedCollection(doc[op.in] as unknown as Record<string, Json>);
    if (!known) touched.set(op.in, collection);
    const why = collection.apply(op);
    if (why) return refuse({ code: 'change-does-not-fit', op: index, in: op.in, id: op.id, why });
  }
  const changed: Partial<Record<Collection, unknown>> = {};
  for (const [name, collection] of touched) changed[name] = collection.handOn();
  return accept({ ...doc, ...(changed as object) });
}

/** Operations that were tried out → on which document, and what came of it. */
const tried = new WeakMap<
  readonly Op[],
  { readonly doc: RunDoc; readonly result: ReturnType<typeof applyOps> }
>();

/** Applies operations for a draft: where the very same are done next, what was tried is what is done (`applyTried`). */
export function tryOps(doc: RunDoc, ops: readonly Op[]): Result<RunDoc, ChangeRefusal> {
  const result = applyOps(doc, ops);
  tried.set(ops, { doc, result });
  return result;
}

/** Applies operations, or takes what came of them where they were tried on this very document. */
export function applyTried(doc: RunDoc, ops: readonly Op[]): Result<RunDoc, ChangeRefusal> {
  const before = tried.get(ops);
  return before?.doc === doc ? before.result : applyOps(doc, ops);
}

/** A collection on its way from one state of the document to the next. */
class TouchedCollection {
  readonly #before: Readonly<Record<string, Json>>;
  readonly #map: Record<string, Json>;
  readonly #touched: string[] = [];
  readonly #inserted: string[] = [];
  readonly #removed: string[] = [];

  constructor(before: Readonly<Record<string, Json>>) {
    this.#before = before;
    this.#map = copyCollection(before) as Record<string, Json>;
  }

  /** Does an operation, or says why it does not fit. */
  apply(op: Op): ChangeRefusal['why'] | null {
    const map = this.#map;
    const there = Object.hasOwn(map, op.id) ? map[op.id] : undefined;
    if (op.op === 'insert') {
      if (there !== undefined) return 'already-there';
      this.#touched.push(op.id);
      this.#inserted.push(op.id);
      map[op.id] = op.value;
      return null;
    }
    if (there === undefined) return 'not-there';
    if (op.op === 'set') {
      const entity = there as Record<string, Json>;
      if (!Object.hasOwn(entity, op.field)) return 'not-there';
      if (!isSameJson(entity[op.field], op.old)) return 'other-value';
      map[op.id] = { ...entity, [op.field]: op.value };
    } else if (!isSameJson(there, op.old)) return 'other-value';
    else if (op.op === 'remove') {
      Reflect.deleteProperty(map, op.id);
      this.#removed.push(op.id);
    } else map[op.id] = op.value;
    this.#touched.push(op.id);
    return null;
  }

  handOn(): Readonly<Record<string, Json>> {
    noteCopy(this.#map, this.#before, this.#touched, this.#inserted, this.#removed);
    return this.#map;
  }
}

/** The operations that take these back, in the order in which they must be applied. */
export const invertOps = (ops: readonly Op[]): Op[] => ops.map(invertOp).reverse();

function invertOp(op: Op): Op {
  switch (op.op) {
    case 'insert':
      return { op: 'remove', in: op.in, id: op.id, old: op.value };
    case 'remove':
      return { op: 'insert', in: op.in, id: op.id, value: op.old };
    case 'set':
    case 'replace':
      return { ...op, old: op.value, value: op.old };
  }
}
