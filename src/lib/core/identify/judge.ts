import { findLookAlike, type LookAlike } from './look-alikes.ts';
import type { Observation } from './observation.ts';
import { getSupport, type RankedThread, type Ranking } from './rank-candidates.ts';

/**
 * What can honestly be said. `open`: several remain and a measurement would help; `tie`: those left are look-alikes
 * that what was measured does not part; `none`: nothing in the list agrees.
 */
export type Verdict =
  | { readonly kind: 'empty' }
  | { readonly kind: 'open'; readonly remaining: number }
  | {
      readonly kind: 'certain' | 'likely';
      readonly found: RankedThread;
      /** Readings that speak against what was found: named, never averaged away. */
      readonly against: readonly Observation[];
    }
  | { readonly kind: 'tie'; readonly among: readonly RankedThread[] }
  | {
      readonly kind: 'none';
      /** The listed thread that comes nearest, and the readings it cannot explain. */
      readonly nearest: RankedThread;
      readonly disagree: readonly Observation[];
    };

/**
 * The odds at which a look-alike drops out of the running. American against British is a thousand to one: both start
 * together, feel good and never seal. The others are told apart by one plain thing to look at.
 */
export const TOLD_APART: Readonly<Record<LookAlike, number>> = {
  sister: 1000,
  'american-british': 1000,
  'taper-parallel': 40,
  'same-thread': 40,
  'other-hand': 40,
  'neighbouring-pitch': 40,
};
const MOST_ODDS = Math.max(...Object.values(TOLD_APART));
/** Threads that are no look-alikes drop out at twenty to one. */
const OUT_OF_THE_RUNNING = 20;
const CERTAIN = 0.999;
const LIKELY = 0.9;
const MOST_IN_A_TIE = 6;
/** Ten to one against: a contradiction. */
const CONTRADICTS = -1;

/** Turns a ranking into a verdict. */
export function judge(ranking: Ranking): Verdict {
  if (ranking.observations.length === 0) return { kind: 'empty' };
  const [best] = ranking.threads;
  if (!best) return { kind: 'empty' };
  const weighed = getSupport(best.thread, ranking.observations);
  const against = weighed.filter(({ log10 }) => log10 <= CONTRADICTS).map(({ observation }) => observation);
  if (ranking.none >= 0.5) {
    const disagree = weighed.filter(({ says }) => says === 'against').map(({ observation }) => observation);
    return { kind: 'none', nearest: best, disagree };
  }
  const running = trimTie(getRunning(ranking.threads));
  if (running.length === 1) {
    const isCertain = best.probability >= CERTAIN && against.length === 0;
    if (isCertain) return { kind: 'certain', found: best, against };
    if (best.probability >= LIKELY) return { kind: 'likely', found: best, against };
    return { kind: 'open', remaining: countRemaining(ranking) };
  }
  const areAlike = running.every((each) => each === best || findLookAlike(best.thread, each.thread) !== null);
  const share = running.reduce((sum, { probability }) => sum + probability, 0);
  if (areAlike && running.length <= MOST_IN_A_TIE && share >= LIKELY) return { kind: 'tie', among: running };
  return { kind: 'open', remaining: countRemaining(ranking) };
}

/** With two look-alikes holding this much between them, a third is not worth naming. */
const HELD_BY_TWO = 0.95;

/** Leaves out of a tie those that matter little; never an American or British twin of the best. */
function trimTie(running: readonly RankedThread[]): readonly RankedThread[] {
  const [best] = running;
  let held = 0;
  return running.filter(({ thread, probability }, i) => {
    const isNeeded = i < 2 || held < HELD_BY_TWO;
    held += probability;
    return isNeeded || (best && findLookAlike(best.thread, thread) === 'american-british');
  });
}

/** Those that may still be it: within twenty to one of the best, look-alikes within a thousand to one. */
export function getRunning(threads: readonly RankedThread[]): RankedThread[] {
  const [best] = threads;
  if (!best) return [];
  return threads.filter((each) => {
    if (each.probability * OUT_OF_THE_RUNNING >= best.probability) return true;
    if (each.probability * MOST_ODDS <= best.probability) return false;
    const alike = findLookAlike(best.thread, each.thread);
    return alike !== null && each.probability * TOLD_APART[alike] > best.probability;
  });
}

/** How many threads together make up 99 per cent, at least two. */
function countRemaining({ threads }: Ranking): number {
  const listed = threads.reduce((sum, { probability }) => sum + probability, 0);
  let sum = 0;
  const count = threads.findIndex(({ probability }) => (sum += probability) >= 0.99 * listed);
  return Math.max(2, count + 1);
}
