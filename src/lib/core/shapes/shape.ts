/**
 * What something that is stored or sent must be, said once: its type follows (`TypeOf`), the schema it is read with (`formats/to-joi.ts`)
 * and the schema that is published. A shape is plain data and loads no library.
 */
export interface Shape<Value> {
  readonly spec: Spec;
  /** Never there: it carries the type. */
  readonly as?: Value;
}

/** The type of what has a shape. */
export type TypeOf<S> = S extends Shape<infer Value> ? Value : never;

export type Spec =
  | { readonly is: 'text'; readonly most: number; readonly mayBeEmpty: boolean; readonly isLine: boolean }
  | { readonly is: 'pattern'; readonly pattern: RegExp; readonly not: string | null }
  | {
      readonly is: 'number';
      readonly isWhole: boolean;
      readonly least: number | null;
      readonly above: number | null;
      readonly most: number | null;
    }
  | { readonly is: 'flag' }
  | { readonly is: 'one-of'; readonly among: readonly (string | number)[] }
  | { readonly is: 'nullable'; readonly of: Shape<unknown> }
  | {
      readonly is: 'list';
      readonly of: Shape<unknown>;
      readonly least: number;
      readonly most: number;
    }
  | { readonly is: 'map'; readonly keys: RegExp; readonly of: Shape<unknown>; readonly most: number }
  | {
      readonly is: 'fields';
      readonly fields: Readonly<Record<string, Shape<unknown>>>;
      readonly holds: ((value: never) => boolean) | null;
    }
  | {
      readonly is: 'by';
      readonly field: string;
      readonly ways: Readonly<Record<string, Shape<unknown>>>;
      readonly otherwise: Shape<unknown> | null;
    }
  | { readonly is: 'any-of'; readonly ways: readonly Shape<unknown>[] };

type Fields = Readonly<Record<string, Shape<unknown>>>;
type ValueOf<F extends Fields> = { readonly [Field in keyof F]: TypeOf<F[Field]> };

const make = <Value>(spec: Spec): Shape<Value> => ({ spec });

/** Text of so many characters that can be kept everywhere: no NUL, no half of a character. Empty only where it may be. */
export const text = (most: number, mayBeEmpty = false): Shape<string> =>
  make({ is: 'text', most, mayBeEmpty, isLine: false });

/** Text that may be empty: what was typed, where something was. */
export const textOrNone = (most: number): Shape<string> => text(most, true);

/** A name: a line of so many characters with something on it. */
export const nameLine = (most: number): Shape<string> =>
  make({ is: 'text', most, mayBeEmpty: false, isLine: true });

/** Text of a pattern. */
export const pattern = (of: RegExp): Shape<string> => make({ is: 'pattern', pattern: of, not: null });

/** Text of a pattern that is another than that of a field beside it. */
export const otherThan = (field: string, of: RegExp): Shape<string> =>
  make({ is: 'pattern', pattern: of, not: field });

/** A whole number, both bounds in. */
export const whole = (least: number, most: number): Shape<number> =>
  make({ is: 'number', isWhole: true, least, above: null, most });

/** A number, both bounds in; null: no bound. */
export const number = (least: number | null, most: number | null): Shape<number> =>
  make({ is: 'number', isWhole: false, least, above: null, most });

/** A number above one and at most another. */
export const numberAbove = (above: number, most: number): Shape<number> =>
  make({ is: 'number', isWhole: false, least: null, above, most });

/** Yes or no. */
export const flag: Shape<boolean> = make({ is: 'flag' });

/** One of these, and nothing else. */
export const oneOf = <const Value extends string | number>(among: readonly Value[]): Shape<Value> =>
  make({ is: 'one-of', among });

/** A shape, or null. */
export const orNull = <Value>(of: Shape<Value>): Shape<Value | null> => make({ is: 'nullable', of });

/** A list of so many entries. */
export const list = <Value>(of: Shape<Value>, least: number, most: number): Shape<readonly Value[]> =>
  make({ is: 'list', of, least, most });

/** Two of a kind. */
export const pair = <Value>(of: Shape<Value>): Shape<readonly [Value, Value]> =>
  make({ is: 'list', of, least: 2, most: 2 });

/** Entries under keys of a pattern. */
export const mapOf = <Value>(
  keys: RegExp,
  of: Shape<Value>,
  most: number,
): Shape<Readonly<Record<string, Value>>> => make({ is: 'map', keys, of, most });

/** These fields, all of them and no other; `holds` says what must be so between them. */
export const fields = <const F extends Fields>(
  of: F,
  holds: ((value: ValueOf<F>) => boolean) | null = null,
): Shape<ValueOf<F>> => make({ is: 'fields', fields: of, holds });

/** What says by a field which of these it is. */
export const by = <
  const Ways extends Readonly<Record<string, Shape<unknown>>>,
  Otherwise extends Shape<unknown> | null = null,
>(
  field: string,
  ways: Ways,
  otherwise: Otherwise = null as Otherwise,
): Shape<TypeOf<Ways[keyof Ways]> | TypeOf<NonNullable<Otherwise>>> =>
  make({ is: 'by', field, ways, otherwise });

/** Any of these shapes. */
export const anyOf = <const Ways extends readonly Shape<unknown>[]>(
  ...ways: Ways
): Shape<TypeOf<Ways[number]>> => make({ is: 'any-of', ways });

type Kinds<Kind extends string> = Kind extends string ? { readonly kind: Kind } : never;
/** Of one of these kinds, of which nothing more is said. */
export const kinds = <const Kind extends string>(...among: readonly Kind[]): Shape<Kinds<Kind>> =>
  make({ is: 'fields', fields: { kind: oneOf(among) }, holds: null });
