import { toMillimetres } from '#core/units';
import type { Observation } from '../observation.ts';

/**
 * The pitch (threads an inch) that earlier readings give by themselves: a thread in no list has one too, so a count
 * and a leaf that agree with each other speak no more for a listed thread than for it. Null when none was read.
 */
export function findPitchRead(earlier: readonly Observation[]): number | null {
  for (const observation of earlier) {
    if (observation.kind === 'count') return (observation.threads * 25.4) / toMillimetres(observation.over);
    if (observation.kind === 'leaf' && observation.fit === 'fits') return observation.perInch;
  }
  return null;
}

/** How often the earlier reading is right about an unlisted thread's pitch. */
export const PITCH_READ_RIGHT = 0.75;
