import { JOINTS } from './kinds/joint-kinds.ts';
import type { PairVerdict } from './check-joint.ts';
import type { NutSide } from './pair-verdict.ts';

/** Which side of a joint that makes brings its nut; null where it has none, and where it does not make. */
export function findNutSide({ joint, rule }: Pick<PairVerdict, 'joint' | 'rule'>): NutSide | null {
  if (joint === null) return null;
  if (rule === 'nut-on-tube') return 'loose';
  if (rule === 'flared-tube') return 'tube';
  return rule === 'tube-in-socket' && joint === 'compression' ? 'fitting' : JOINTS[joint].nut;
}
