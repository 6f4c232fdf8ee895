import type { LengthUnit } from '#core/units';
import type { PartKind } from '#core/catalogue';
import type { NamedMeasure } from '#core/checks';
import type { NamedRef } from '#core/runs/reading';
import type { RefPoint } from '#core/runs/document';
import { sayTyped } from './length-text.ts';
import { namePartKind } from './parts.ts';

/** Where on a part a measure is taken. */
export const REF_POINT_NAMES: Readonly<Record<RefPoint, { readonly name: string; readonly says: string }>> = {
  centre: { name: 'centre', says: 'where the centre lines cross' },
  face: { name: 'face', says: 'the face of the opening that looks along the measure' },
  end: { name: 'pipe end', says: 'the end of the pipe that is made up there' },
  back: { name: 'back', says: 'the outside of the fitting on the far side' },
  wall: { name: 'wall behind', says: 'a wall so far behind the fitting’s back' },
};

const WHAT: Readonly<Record<Exclude<NamedRef['part'], PartKind>, string>> = {
  open: 'open end',
  none: 'point',
  source: 'source',
  bend: 'bend',
};

const nameWhat = (part: NamedRef['part']): string =>
  part === 'open' || part === 'none' || part === 'source' || part === 'bend'
    ? WHAT[part]
    : namePartKind(part);

/** Where something stands, by the leg that comes to it (null: none does, the run begins there). */
export const sayAt = (mark: string | number | null): string =>
  mark === null ? 'at the source' : `at leg ${mark}`;

/** A reference as one would name it: `face of the tee at leg 3`. */
export function sayRef({ at, part, mark, gap }: NamedRef, unit: LengthUnit): string {
  const what = part === 'source' ? 'the source' : `the ${nameWhat(part)} ${sayAt(mark)}`;
  if (at === 'wall') return `the wall ${gap === 0 ? '' : `${sayTyped(gap, unit)} `}behind ${what}`;
  return `the ${REF_POINT_NAMES[at].name} of ${what}`;
}

/** `12 ft 3 in from the centre of the elbow at leg 1 to the face of the tee at leg 3`. */
export const sayMeasure = ({ value, from, to }: NamedMeasure, unit: LengthUnit): string =>
  `${sayTyped(value, unit)} from ${sayRef(from, unit)} to ${sayRef(to, unit)}`;
