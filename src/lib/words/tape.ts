import { nameRef } from '#core/runs/reading';
import type { RunLayout } from '#core/runs/layout';
import type { TapeMark, TapeStation } from '#core/tape';
import type { LengthUnit } from '#core/units';
import { sayRef } from './refs.ts';

/** A mark by its name: `the face of the elbow at leg 3, looking back`. */
export function sayMark(
  layout: RunLayout,
  mark: TapeMark,
  station: TapeStation | null,
  unit: LengthUnit,
): string {
  if (station?.isStock) return `the ${mark.ref.at} of the coupling where the stock ends`;
  const named = sayRef(nameRef(layout, mark.ref), unit).replace(
    /^the pipe end of the open end/,
    'the open end',
  );
  // A part in the pipe has two faces and two pipe ends.
  const isTwofold = station?.kind === 'inline' && mark.looks !== 0;
  return isTwofold ? `${named}, ${mark.looks === 1 ? 'onward' : 'near'} side` : named;
}

/** The same for a list to pick from: `face, elbow at leg 3`. */
export const listMark = (...said: Parameters<typeof sayMark>): string =>
  sayMark(...said)
    .replace(/^the /, '')
    .replace(' of the ', ', ');
