import type { Millimetres } from '#core/units';
import type { Point } from '#core/geometry';
import type { Stretch } from '../draw-joint.ts';

/** What a shape under the lens is of. */
export type LensRole = 'male' | 'female' | 'nut' | 'tube' | 'seal' | 'stiffener';

/** A closed outline, cut through: mm, x along the axis (the male comes from the right), y the radius. */
export interface LensShape {
  readonly role: LensRole;
  readonly outline: readonly Point[];
}

/** An angle to write beside a surface: degrees to the axis of a seat, or between the flanks of a thread. */
export interface LensAngle {
  readonly at: Point;
  readonly degrees: number;
  readonly of: 'male' | 'female';
}

/**
 * A length to write, mm: along the axis between two places, or across the axis with a leader to the surface it is of. Only what
 * is a figure of the ends is lettered, not what is drawn as a share of it.
 */
export type LensDimension =
  | {
      readonly kind: 'along';
      readonly from: Millimetres;
      readonly to: Millimetres;
      readonly length: Millimetres;
    }
  | {
      readonly kind: 'diameter' | 'wall';
      readonly at: Point;
      readonly length: Millimetres;
      readonly of: 'male' | 'female';
    };

/**
 * Two ends cut open, to scale, in mm: the upper half; the lower is its mirror image. `seals` are the lines along which it
 * seals; `touches` where a pair that does not belong only touches or jams; one of the two is empty.
 */
export interface LensPicture {
  readonly shapes: readonly LensShape[];
  readonly seals: readonly (readonly Point[])[];
  readonly touches: readonly (readonly Point[])[];
  /** Crests of the male outside the face, to be counted. */
  readonly showing: readonly Point[];
  readonly angles: readonly LensAngle[];
  readonly dimensions: readonly LensDimension[];
  /** What the lens looks at first: x from, to; and the radius it looks at. */
  readonly look: Stretch & { readonly radius: Millimetres };
  readonly whole: Stretch & { readonly radius: Millimetres };
}

/** A box cut open, mm: along the axis from, to; radius inner, outer. */
export const box = (from: Millimetres, to: Millimetres, inner: Millimetres, outer: Millimetres): Point[] => [
  { x: from, y: inner },
  { x: from, y: outer },
  { x: to, y: outer },
  { x: to, y: inner },
];

export const NO_MARKS = { seals: [], touches: [], showing: [], angles: [] } as const;

/** A diameter at a surface: twice its radius. */
export const acrossAxis = (of: 'male' | 'female', x: number, diameter: number): LensDimension => ({
  kind: 'diameter',
  of,
  at: { x, y: diameter / 2 },
  length: diameter,
});
