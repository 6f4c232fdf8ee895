import type { Point } from '#core/geometry';
import type { ZoneId } from '#core/permissions';
import { strokeAcross, along, getDistance } from './sheet-geometry.ts';
import type { Sink } from './sink.ts';

/** How long the strokes and the gaps beside a leg are, in the height of a letter: each place has its own, told apart without colour. */
const PATTERNS: Readonly<Record<ZoneId, readonly number[]>> = {
  indoors: [0.12, 1.1],
  concealed: [0.9, 0.35],
  chase: [0.9, 0.35, 0.12, 0.35],
  cavity: [0.9, 0.35, 0.4, 0.35],
  'under-slab': [1.6, 0.3, 0.4, 0.3],
  outdoors: [0.35, 0.35],
  buried: [2.4, 0.25],
  vehicle: [0.9, 0.3, 0.12, 0.3, 0.12, 0.3],
  wet: [0.12, 0.35],
  vibration: [0.35, 0.25, 0.12, 0.25],
  duct: [0.5, 0.12],
};

/** Letters stand beside a leg for the place it runs in. */
export const ZONE_LETTERS: Readonly<Record<ZoneId, string>> = {
  indoors: 'I', concealed: 'C', chase: 'H', cavity: 'Y', 'under-slab': 'S', outdoors: 'O', buried: 'B', vehicle: 'V', wet: 'W',
  vibration: 'M', duct: 'D',
}; // prettier-ignore

/** Draws the place a leg runs in beside it, from end to end. */
export function drawZone(
  sink: Sink,
  zone: ZoneId,
  from: Point,
  to: Point,
  letter: number,
  subject: string,
): void {
  const pattern = PATTERNS[zone];
  const [begins] = strokeAcross(from, from, to, letter * 0.5);
  const [ends] = strokeAcross(to, from, to, letter * 0.5);
  const length = getDistance(begins, ends);
  let at = letter * 0.6;
  for (let i = 0; at < length - letter * 0.6; i++) {
    const step = pattern[i % pattern.length]! * letter;
    const end = Math.min(at + step, length - letter * 0.6);
    if (i % 2 === 0) sink.stroke('zone', [along(begins, ends, at), along(begins, ends, end)], subject);
    at += step;
  }
}
