import type { Length } from '#core/units';
import type { Confidence } from './confidence.ts';
import type { PartKind } from './part-kinds.ts';
import type { End, LegSize } from '#core/ends';
import type { Vector } from '#core/geometry';

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
  /** As its maker’s sheet says of it. */
  | {
      readonly standing: 'maker';
      readonly length: Length;
      readonly source: string;
      readonly confidence: Confidence;
    }
  | { readonly standing: 'entered'; readonly length: Length; readonly by: string }
  | { readonly standing: 'unknown' };

/**
 * An opening of a part: `reach` is the distance from the part's origin along the port's axis to its face (female) or
 * to its end (male).
 */
export interface Port {
  readonly id: string;
  /** The way it looks from the part's origin, as the part lies in its own frame (unit vector). */
  readonly way: Vector;
  readonly end: End;
  readonly reach: PartLength;
  /**
   * Of an opening for tube: how far the tube goes in beyond the face, to its stop; of a flare how much more tube it takes than reaches to
   * the plane of its rim, the reach being measured to that plane. Null where how far a thread goes in is not the part's to say.
   */
  readonly depth: PartLength | null;
}

/** Ways of joining tube to fittings that are made for it. */
export const TUBE_JOINS = [
  'flare', 'compression', 'capillary', 'brazed', 'press-copper', 'press-steel', 'csst', 'stab', 'fusion',
] as const; // prettier-ignore
export type TubeJoin = (typeof TUBE_JOINS)[number];

/**
 * A fitting: a set of ports round one origin. That is the crossing of its axes; the middle of a coupling, union or
 * valve; the closed end of a cap; the outer face of a bushing; the outer end of a plug's head.
 */
export interface Part {
  readonly id: string;
  readonly kind: PartKind;
  readonly size: LegSize;
  readonly material: 'black-malleable' | 'brass' | 'copper' | 'steel' | 'polyethylene' | 'as-found';
  /** How tube is joined to it; null for what only screws. */
  readonly join: TubeJoin | null;
  /** Gas passes between all of them. */
  readonly ports: readonly Port[];
  /** Pairs of ends that seal inside it: the ground joint of a union. Each may leak, as every joint may. */
  readonly seats: readonly (readonly [End, End])[];
  /** Half of it lies behind its centre where no port does: outside diameter over the band, nm; null where not listed. */
  readonly outside: Length | null;
}

/** Half the spread of a length that is typical only, nm; 0 for one that is fixed or was measured. */
export const getPlusMinus = (reach: PartLength): Length =>
  reach.standing === 'typical' ? reach.plusMinus : 0;

/** How far a tube goes into an opening, nm; null while it is not known, and where none is meant to. */
export const findDepth = ({ depth }: Port): Length | null =>
  depth === null || depth.standing === 'unknown' ? null : depth.length;

/** A reach in nm; null while it is not known. */
export const findReach = ({ reach }: Port): Length | null =>
  reach.standing === 'unknown' ? null : reach.length;
