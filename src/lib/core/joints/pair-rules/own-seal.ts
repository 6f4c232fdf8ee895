import type { SealedBy, FiguredThread } from '#core/catalogue';
import type { ThreadFamily } from '#core/ends';
import { asThreads, isNutAndBody } from '../pair.ts';
import {
  askFirst,
  makes,
  neverSeals,
  type Condition,
  type JointKindId,
  type Ruling,
} from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Families whose thread only pulls a sealing part of their own together. */
const SEALS: Readonly<Partial<Record<ThreadFamily, readonly [JointKindId, Condition]>>> = {
  compression: ['compression', 'sleeve-on-tube'],
  olive: ['compression', 'olive-on-tube'],
  'inverted-flare': ['inverted-flare', 'double-flared'],
  cylinder: ['valve', 'valve-seal-listed'],
};

/** Nut and body of one family and size: makes if its sealing part is there. */
export const ownSeal: PairRule<'own-seal'> = {
  id: 'own-seal',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isNutAndBody(threads)) return null;
    const { family, sealedBy } = threads.male.thread;
    const seal = SEALS[family];
    if (!seal && sealedBy.length === 0) return null;
    const seats = [threads.male.seat, threads.female.seat];
    if (seats.includes('none')) return neverSeals('seal-missing');
    return seal ? makes(...seal) : judgeByRow(sealedBy, seats);
  },
};

/** A thread with several ways to seal is asked about, unless it was seen which of them this one has. */
function judgeByRow(sealedBy: readonly SealedBy[], seats: readonly FiguredThread['seat'][]): Ruling {
  if (sealedBy.includes('washer') && seats.includes('washer'))
    return makes('g-washer', 'new-washer', 'listed-for-gas');
  const [only, ...more] = sealedBy;
  const seal = only && more.length === 0 ? ROW_SEALS[only] : null;
  return seal ? makes(...seal) : askFirst('seal-not-told');
}

/** Of threads whose row has one way to seal. */
const ROW_SEALS: Readonly<Partial<Record<SealedBy, readonly [JointKindId, Condition]>>> = {
  'cutting-ring': ['cutting-ring', 'cutting-ring'],
  contact: ['contact', 'clean-contact'],
  olive: ['compression', 'olive-on-tube'],
};
