import type { Millimetres } from '#core/units';
import type { Point } from '#core/geometry';

/** What an end seals with: a cone at so many degrees to the axis, a flat, the edge left by deburring, or nothing made for it. */
export type SeatForm =
  | { readonly kind: 'cone'; readonly degrees: number }
  | { readonly kind: 'flat' | 'deburr' | 'none' };

const STEPS = 24;
/** What deburring takes off the edge of the bore, mm. */
const DEBURRED = 0.6;

/**
 * The surface an end seals with, as points from the inner radius to the outer (mm). x grows with the radius on a cone: the male
 * is narrow at its tip, to the left; the female lies round it.
 */
export function makeSurface(form: SeatForm, inner: Millimetres, outer: Millimetres): Point[] {
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const y = inner + ((outer - inner) * i) / STEPS;
    return { x: getX(form, y - inner), y };
  });
}

function getX(form: SeatForm, over: Millimetres): Millimetres {
  if (form.kind === 'cone') return over / Math.tan((form.degrees * Math.PI) / 180);
  return form.kind === 'deburr' ? Math.max(0, DEBURRED - over) : 0;
}

/**
 * Moves the female surface along the axis until it first touches the male one. Gives how far it is moved, and where they
 * then touch: all of it where the angles are the same, a line where they are not.
 *
 *     same:  ╱╱      unlike:  ╱
 *           ╱╱               ╱│
 */
export function bringTogether(
  male: readonly Point[],
  female: readonly Point[],
): { shift: Millimetres; contact: Point[] } {
  const gaps = male.map(({ x }, i) => x - female[i]!.x);
  const shift = Math.min(...gaps);
  return { shift, contact: male.filter((_, i) => gaps[i]! - shift < TOUCHES) };
}

/** Nearer than this (mm) is touching. */
const TOUCHES = 1e-6;
