import type { ThreadFamily } from '../../catalogue/thread-family.ts';
import { asThreads, isNutAndBody } from '../pair.ts';
import { makes, neverSeals, type Condition, type JointKindId } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Families whose thread only pulls a sealing part of their own together. */
const SEALS: Readonly<Partial<Record<ThreadFamily, readonly [JointKindId, Condition]>>> = {
  compression: ['compression', 'sleeve-on-tube'],
  olive: ['compression', 'olive-on-tube'],
  'inverted-flare': ['inverted-flare', 'double-flared'],
  metric: ['cutting-ring', 'cutting-ring'],
  thermocouple: ['contact', 'clean-contact'],
  cylinder: ['valve', 'valve-seal-listed'],
};

/** Nut and body of one family and size: makes if its sealing part is there. */
export const ownSeal: PairRule<'own-seal'> = {
  id: 'own-seal',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isNutAndBody(threads)) return null;
    const seal = SEALS[threads.male.thread.family];
    if (!seal) return null;
    const isMissing = [threads.male.seat, threads.female.seat].includes('none');
    return isMissing ? neverSeals('seal-missing') : makes(...seal);
  },
};
