import { fields, ID, pattern, type Shape, type TypeOf } from '#core/shapes';

/** What a record leads to: a thing in another collection. */
export interface RecordRef {
  readonly to: 'nodes' | 'legs' | 'parts' | 'specs';
  readonly id: string;
}

/** One kind of record of the run document: what it must be, how many there may be, and what it has to do with the others. */
export interface RecordKind<Value> {
  /** Of an entry; its type follows. Every entry says its own id, and stands under it. */
  readonly shape: Shape<Value>;
  readonly keys: RegExp;
  /** The most that a run holds. */
  readonly most: number;
  /** How many a run may begin with, before its first change. */
  readonly beginsWith: number;
  /** What it is a part of: it goes when that goes. */
  readonly hangsOn: ((record: Value) => RecordRef) | null;
  /** It stands under the id of what it is said of, in one of these collections, and goes with it. */
  readonly saidOf: readonly RecordRef['to'][];
  /** What else it leads to: that must be there. */
  readonly refersTo: (record: Value) => readonly RecordRef[];
  /** What must be so of all of them together: the limit that is passed, or null. */
  readonly findOverfull: ((all: Readonly<Record<string, Value>>) => number | null) | null;
}

/** What an entry of a kind of record is. */
export type RecordOf<Kind> = Kind extends RecordKind<infer Value> ? Value : never;

const ALONE = { keys: ID, beginsWith: 0, hangsOn: null, saidOf: [], refersTo: () => [], findOverfull: null };

/** A kind of record by its shape and its most, and what is otherwise than usual. */
export const recordKind = <Value>(
  shape: Shape<Value>,
  most: number,
  more: Partial<RecordKind<Value>> = {},
): RecordKind<Value> => ({ ...ALONE, shape, most, ...more });

type Fields = Parameters<typeof fields>[0];

/** The fields of an entry, which begin with its id. */
export const entry = <const F extends Fields>(
  of: F,
): Shape<{ readonly id: string } & { readonly [Field in keyof F]: TypeOf<F[Field]> }> =>
  fields({ id: pattern(ID), ...of }) as never;

/** The id of another record. */
export const idOf = pattern(ID);

/** What is part of a leg. */
export const onLeg = ({ leg }: { readonly leg: string }): RecordRef => ({ to: 'legs', id: leg });

/** A kind of record that is said of something, under its id. */
export const saidKind = <Value>(
  shape: Shape<Value>,
  most: number,
  ...saidOf: RecordRef['to'][]
): RecordKind<Value> & { readonly isSaid: true } => ({
  ...recordKind(shape, most, { saidOf }),
  isSaid: true,
});
