import type { ThreadPlace } from '#core/catalogue';
import type { Gender, Hand, Seat } from '#core/ends';
import type { Length } from '#core/units';

export const MEASURING_INSTRUMENTS = ['caliper', 'rule', 'tape'] as const;
export type MeasuringInstrument = (typeof MEASURING_INSTRUMENTS)[number];

export const LEAF_FITS = ['fits', 'nearly', 'no'] as const;
export type LeafFit = (typeof LEAF_FITS)[number];

export const CREST_FORMS = ['sharp', 'flat', 'rounded'] as const;
export type CrestForm = (typeof CREST_FORMS)[number];

export const FLANKS = ['60', '55', '29'] as const;
export type Flank = (typeof FLANKS)[number];

export const THREAD_MATERIALS = [
  'black-steel', 'galvanised', 'brass', 'stainless', 'aluminium', 'plastic',
] as const; // prettier-ignore
export type ThreadMaterial = (typeof THREAD_MATERIALS)[number];

export const COLOURS = ['bare', 'yellow', 'black', 'red', 'blue', 'green', 'grey', 'white'] as const;
export type Colour = (typeof COLOURS)[number];

export const COUNTRIES = ['north-america', 'uk-ireland', 'europe', 'asia-pacific', 'elsewhere'] as const;
export type Country = (typeof COUNTRIES)[number];

/** One thing seen, felt or measured on a thread. Any subset, in any order; each can be taken back. Lengths in nm. */
export type Observation =
  | { readonly kind: 'gender'; readonly value: Gender }
  | {
      readonly kind: 'diameter';
      readonly side: 'outside' | 'inside';
      readonly length: Length;
      readonly instrument: MeasuringInstrument;
      readonly place: ThreadPlace;
    }
  | {
      readonly kind: 'count';
      /** Pitches counted over `over`: crest to crest, so that one thread is one pitch. */
      readonly threads: number;
      readonly over: Length;
      readonly instrument: MeasuringInstrument;
    }
  | { readonly kind: 'leaf'; readonly perInch: number; readonly fit: LeafFit }
  | { readonly kind: 'taper'; readonly value: 'taper' | 'parallel' }
  | { readonly kind: 'flank'; readonly value: Flank }
  | { readonly kind: 'crest'; readonly value: CrestForm }
  | { readonly kind: 'seat'; readonly value: Seat; readonly by: 'eye' | 'gauge' }
  | { readonly kind: 'swivel'; readonly value: boolean }
  | { readonly kind: 'hand'; readonly value: Hand }
  | { readonly kind: 'collar'; readonly acrossFlats: Length }
  | { readonly kind: 'material'; readonly value: ThreadMaterial }
  | { readonly kind: 'colour'; readonly value: Colour }
  | { readonly kind: 'marking'; readonly text: string }
  | { readonly kind: 'country'; readonly value: Country };

export type ObservationKind = Observation['kind'];

/** Kinds of which several may stand side by side; of the others a new one takes the place of the old. */
export const REPEATABLE: ReadonlySet<ObservationKind> = new Set(['diameter', 'count', 'leaf']);

/** An observation with who or what made it. A simulated instrument stays simulated wherever its reading goes. */
export interface Reading {
  readonly id: string;
  readonly observation: Observation;
  /** The instrument as the fitter names it; null for what was only seen or felt. */
  readonly instrument: string | null;
  readonly simulated: boolean;
}

/** Puts a reading among others, in the place of one of its kind where only one may stand. */
export function putReading(readings: readonly Reading[], reading: Reading): Reading[] {
  const { kind } = reading.observation;
  const others = readings.filter(
    ({ id, observation }) => id !== reading.id && (REPEATABLE.has(kind) || observation.kind !== kind),
  );
  return [...others, reading];
}
