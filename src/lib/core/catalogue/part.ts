import type { Length } from '../units/length.ts';
import type { Confidence } from './confidence.ts';
import type { NominalSize } from './size.ts';

/** How far a length of a part can be trusted: fixed by a standard, typical within ±, entered by the shop, or unknown. */
export type PartLength =
  | {
      readonly standing: 'published';
      readonly length: Length;
      readonly source: string;
      readonly confidence: Confidence;
    }
  | {
      readonly standing: 'typical';
      readonly length: Length;
      readonly plusMinus: Length;
      readonly source: string;
      readonly confidence: Confidence;
    }
  | { readonly standing: 'entered'; readonly length: Length; readonly by: string }
  | { readonly standing: 'unknown' };

/** What waits at an opening. The first slice knows the female taper thread; every later family joins this union. */
export interface End {
  readonly family: 'NPT';
  readonly size: NominalSize;
  readonly gender: 'male' | 'female';
}

/** An opening of a part: `reach` is the distance from the part's origin along the port's axis to its face. */
export interface Port {
  readonly id: string;
  readonly end: End;
  readonly reach: PartLength;
}

export const PART_KINDS = ['elbow-90', 'tee', 'coupling', 'cap'] as const;
/** Kinds that are bought, and what was found in place. */
export type PartKind = (typeof PART_KINDS)[number] | 'existing';

/** A fitting: a set of ports round one origin (the crossing of its axes; a coupling's middle; a cap's closed end). */
export interface Part {
  readonly id: string;
  readonly kind: PartKind;
  readonly size: NominalSize;
  readonly material: 'black-malleable' | 'as-found';
  readonly ports: readonly Port[];
}
