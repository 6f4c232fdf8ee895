import { isCorrugated, isRigid } from '../permissions/placed.ts';
import { hasPipe } from '../runs/leg-direction.ts';
import type { LaidLeg, RunLayout } from '../runs/layout.ts';
import { FOOT, type Length } from '../units/length.ts';

/** What a direct bond of corrugated tubing comes to. */
export interface Bonding {
  /** What is bonded, in walking order. */
  readonly tubing: readonly LaidLeg[];
  /** Rigid pipe that tubing is made up to, on which the clamp may go: never on the tubing itself. Empty where there is none in this run. */
  readonly clampOn: readonly LaidLeg[];
  /** Typical: the listed instructions and the electrical code go before it. */
  readonly conductor: '6 AWG copper';
  readonly longest: Length;
}

/** Typical length limit of the bonding conductor, from where it is clamped to the electrode system. */
const LONGEST = 75 * FOOT;

/** The bond of the corrugated tubing of a run; null where there is none. */
export function findBonding({ legs }: Pick<RunLayout, 'legs'>): Bonding | null {
  const all = [...legs.values()].filter(({ leg }) => hasPipe(leg));
  const tubing = all.filter(({ leg }) => isCorrugated(leg.material));
  if (tubing.length === 0) return null;
  const ends = new Set(tubing.flatMap(({ near, far }) => [near, far]));
  const rigid = all.filter(({ leg }) => isRigid(leg.material));
  const clampOn = rigid.filter(({ near, far }) => ends.has(near) || ends.has(far));
  return { tubing, clampOn, conductor: '6 AWG copper', longest: LONGEST };
}
