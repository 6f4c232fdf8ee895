import { type Catalogue, findReach, type Part, type Port } from '#core/catalogue';
import { goesIn } from '#core/ends';
import type { Point } from '#core/geometry';
import { findBore } from '#core/transitions';
import { inches, toMillimetres } from '#core/units';
import { BAND, getOutside, STUB, type StripPicture, type StripShape } from './draw-strip.ts';

/** A way that was not measured is drawn so many times as long as it is wide. */
const ASSUMED = 1.1;

/** Draws a part by itself, cut open through its openings, diameters to scale, mm, its origin in the middle. What looks out of the sheet is left out. */
export function drawPart(part: Part, catalogue: Catalogue): StripPicture {
  const shapes: StripShape[] = [];
  const voids: StripShape[] = [];
  const bar = (
    role: StripShape['role'],
    { way }: Port,
    from: number,
    to: number,
    half: number,
    isAssumed = false,
  ): void => {
    const at = (along: number, off: number): Point => ({
      x: way.x * along - way.z * off,
      y: way.z * along + way.x * off,
    });
    (role === 'void' ? voids : shapes).push({
      role,
      outline: [at(from, -half), at(to, -half), at(to, half), at(from, half)],
      isAssumed,
    });
  };
  const inSheet = part.ports.filter(({ way }) => Math.abs(way.y) < 0.5);
  const widest = Math.max(...inSheet.map(({ end }) => getOutside(end, catalogue)));
  for (const port of inSheet) {
    const wide = getOutside(port.end, catalogue);
    const known = findReach(port);
    const reach = known === null ? widest * ASSUMED : Math.max(toMillimetres(known), widest * 0.25);
    const isMale = goesIn(port.end);
    const bore = toMillimetres(findBore(port.end, catalogue) ?? inches(0.25)) / 2;
    const stub = isMale ? Math.min(reach * 0.8, wide * STUB) : 0;
    bar('part', port, 0, reach - stub, (wide / 2) * (isMale ? 1.12 : BAND), known === null);
    if (isMale) bar('part', port, reach - stub, reach, wide / 2);
    else bar('void', port, Math.max(0, reach - wide * STUB), reach, wide / 2);
    if (part.ports.length > 1) bar('void', port, 0, reach, bore);
  }
  const all = [...shapes, ...voids];
  const points = all.flatMap(({ outline }) => outline);
  const xs = points.map(({ x }) => x);
  return {
    shapes: all,
    leaks: [],
    frame: {
      left: Math.min(...xs),
      right: Math.max(...xs),
      radius: Math.max(...points.map(({ y }) => Math.abs(y))),
    },
  };
}
