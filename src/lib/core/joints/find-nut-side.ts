import type { PairVerdict } from './check-joint.ts';
import type { JointKindId, NutSide } from './pair-verdict.ts';

/** Who brings the nut, by the kind of joint where the rule does not say otherwise. A cylinder's connection has it on either side, by its row. */
const BY_KIND: Readonly<Partial<Record<JointKindId, NutSide>>> = {
  'flare-45': 'female',
  'flare-37': 'female',
  'connector-flare': 'female',
  'npsm-swivel': 'female',
  'g-washer': 'female',
  'inverted-flare': 'female',
  'cutting-ring': 'female',
  contact: 'female',
  compression: 'female',
  union: 'half',
  csst: 'fitting',
};

/** Which side of a joint that makes brings its nut; null where it has none, and where it does not make. */
export function findNutSide({ joint, rule }: Pick<PairVerdict, 'joint' | 'rule'>): NutSide | null {
  if (joint === null) return null;
  if (rule === 'nut-on-tube') return 'loose';
  if (rule === 'flared-tube') return 'tube';
  return rule === 'tube-in-socket' && joint === 'compression' ? 'fitting' : (BY_KIND[joint] ?? null);
}
