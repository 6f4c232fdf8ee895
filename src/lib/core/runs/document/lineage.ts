/**
 * What a collection was made from, and what differs: whatever is worked out of thousands of entries can be carried over from the
 * collection before, entry by entry, where these are few. Collections are never altered once they are made.
 */
interface Origin {
  /** Held weakly: a state that nobody shows any more is not kept for its successors. */
  readonly from: WeakRef<object>;
  readonly touched: readonly string[];
  /** Entries that came in at the end, and that went. */
  readonly inserted: readonly string[];
  readonly removed: readonly string[];
}

type Collection = Readonly<Record<string, unknown>>;

const origins = new WeakMap<object, Origin>();
const orders = new WeakMap<object, readonly string[]>();

/** Steps back that are looked for at most: what lies farther away is worked out anew. */
const FARTHEST = 24;

/** The ids of a collection in its own order: listed once. */
export function idsOf(collection: Collection): readonly string[] {
  const known = orders.get(collection);
  if (known) return known;
  const ids = Object.keys(collection);
  orders.set(collection, ids);
  return ids;
}

/** A collection that can be altered until it is handed on. By the listed ids: copying as a whole takes thrice as long. */
export function copyCollection(collection: Collection): Record<string, unknown> {
  const copy: Record<string, unknown> = {};
  for (const id of idsOf(collection)) copy[id] = collection[id];
  return copy;
}

/** Notes that `made` is `from` but for the entries touched. */
export function noteOrigin(
  made: object,
  from: object,
  touched: readonly string[],
  inserted: readonly string[] = [],
  removed: readonly string[] = [],
): void {
  origins.set(made, { from: new WeakRef(from), touched, inserted, removed });
}

/** Notes the same of a copied collection; entries that came in stand at its end, in order. */
export function noteCopy(
  made: Collection,
  from: Collection,
  touched: readonly string[],
  inserted: readonly string[],
  removed: readonly string[],
): void {
  if (removed.length === 0)
    orders.set(made, inserted.length === 0 ? idsOf(from) : [...idsOf(from), ...inserted]);
  noteOrigin(made, from, touched, inserted, removed);
}

/** What was worked out for something that this one was made from. */
export interface Carried<Value> {
  readonly value: Value;
  /** The ids of entries that may differ since. */
  readonly touched: ReadonlySet<string>;
}

/**
 * Goes back from something to what it was made from, until `find` has a value; null where none is near, or where entries that were
 * there have changed their place in the order.
 */
export function findCarried<Value>(
  from: object,
  find: (earlier: object) => Value | null | undefined,
): Carried<Value> | null {
  const touched = new Set<string>();
  const cameIn = new Set<string>();
  let at: object | undefined = from;
  for (let step = 0; at && step < FARTHEST; step++) {
    const value = find(at);
    if (value !== null && value !== undefined) return { value, touched };
    const origin = origins.get(at);
    if (!origin) return null;
    for (const id of origin.inserted) cameIn.add(id);
    // One that went and came in again stands elsewhere in the order now.
    if (origin.removed.some((id) => cameIn.has(id))) return null;
    for (const id of origin.touched) touched.add(id);
    at = origin.from.deref();
  }
  return null;
}

/** The ids of entries that may differ between two states of something; null where one was not made from the other, or long ago. */
export const findTouched = (from: object, to: object): ReadonlySet<string> | null =>
  findCarried(to, (earlier) => (earlier === from ? true : null))?.touched ?? null;
