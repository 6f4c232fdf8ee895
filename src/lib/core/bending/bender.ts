import type { Length } from '#core/units';

/** What of a bend lies at the mark on the tube: its beginning, its middle, or something before it: the front of the shoe. */
export const SHOE_MARKS = ['start', 'centre', 'shoe-front'] as const;
export type ShoeMark = (typeof SHOE_MARKS)[number];

/** How a bender is set to a mark. `ahead` (nm): how far the front of its shoe stands before the beginning of the bend. */
export interface Bender {
  readonly mark: ShoeMark;
  readonly ahead: Length;
}

/** From the beginning of a bend to the mark the bender takes, nm; less than nothing where the mark lies before it. */
export function getMarkOffset({ mark, ahead }: Bender, arc: number): number {
  if (mark === 'start') return 0;
  return mark === 'centre' ? arc / 2 : -ahead;
}
