import { type Axis, getSquareWays, isAxis, type Way } from '#core/geometry';

export const AXIS_NAMES: Readonly<Record<Axis, string>> = {
  up: 'up',
  down: 'down',
  left: 'left',
  right: 'right',
  out: 'out toward you',
  back: 'back away from you',
};

/** A way in words: `right`, `45° between up and right`. */
export function sayWay(way: Way): string {
  if (isAxis(way)) return AXIS_NAMES[way];
  const [a, b] = getSquareWays(way);
  return `45° between ${a} and ${b}`;
}

/** A way in the fewest letters, for a list: `right`, `up-right 45°`. */
export const nameWay = (way: Way | null): string =>
  way === null ? 'offset 45°' : isAxis(way) ? way : `${way} 45°`;
