import type { Tightness } from '#core/joints';
import { sayNumber } from './length-text.ts';

/** Turns as they are counted at the wrench: to the nearest quarter. */
export function sayTurns(turns: number): string {
  const quarters = Math.round(turns * 4);
  const [whole, rest] = [Math.floor(quarters / 4), ((quarters % 4) + 4) % 4];
  const fraction = ['', '¼', '½', '¾'][rest]!;
  const count = whole === 0 && fraction ? fraction : `${whole}${fraction}`;
  return `${count} ${quarters === 4 ? 'turn' : 'turns'}`;
}

/** How tight, in two of its three ways (the third is the engagement itself). */
export const sayTightness = (tightness: Tightness): string =>
  `about ${sayTurns(tightness.turnsPastHandTight)} past hand-tight, ${sayNumber(tightness.threadsShowing, 1)} threads showing`;
