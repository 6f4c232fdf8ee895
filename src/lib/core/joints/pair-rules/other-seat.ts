import { isTaper } from '#core/catalogue';
import type { ThreadFamily } from '#core/ends';
import { asThreads, familiesOf, getSystem, isNutAndBody, isSameThread, type ThreadPair } from '../pair.ts';
import { neverSeals } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** One thread, two ways to seal: the nut runs on sweetly and the seats never meet. 37° on 45° is the best known. */
export const otherSeat: PairRule<'other-seat'> = {
  id: 'other-seat',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isStraightPair(threads) || !isSameThread(threads) || isOneKind(threads)) return null;
    return neverSeals(familiesOf(threads).every(isFlare) ? 'cones-differ' : 'other-seat');
  },
};

/** Both straight, and not both pipe threads of one system. */
export function isStraightPair({ male, female }: ThreadPair): boolean {
  if (isTaper(male.thread) || isTaper(female.thread) || female.thread.family === 'rp') return false;
  return [male, female].some(({ thread }) => getSystem(thread.family) === 'other');
}

/** Nut and body that belong together: other rules judge them. */
export function isOneKind(threads: ThreadPair): boolean {
  const [male, female] = familiesOf(threads);
  const is45 = (family: ThreadFamily) => family === 'sae-45' || family === 'connector';
  if (is45(male) && is45(female)) return true;
  return isNutAndBody(threads);
}

const isFlare = (family: ThreadFamily): boolean =>
  family === 'sae-45' || family === 'connector' || family === 'jic-37';
