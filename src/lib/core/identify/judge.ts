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
      readonly ifLeft: readonly RankedThread[];
    }
  | {
      readonly kind: 'tie';
      readonly among: readonly RankedThread[];
      /** While nobody has tried the hand it is taken as right: what it is instead if it tightens to the left. */
      readonly ifLeft: readonly RankedThread[];
    }
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
  const against = findAgainst(best, ranking);
  if (ranking.none >= 0.5) {
    const weighed = getSupport(best.thread, ranking.observations);
    const disagree = weighed.filter(({ says }) => says === 'against').map(({ observation }) => observation);
    return { kind: 'none', nearest: best, disagree };
  }
  const { running, ifLeft } = takeAsRight(getRunning(ranking.threads), ranking.observations);
  const among = trimTie(leaveOutTwins(running, ranking.observations));
  const [first] = among;
  const share = [...among, ...ifLeft].reduce((sum, { probability }) => sum + probability, 0);
  if (!first || share < LIKELY) return { kind: 'open', remaining: countRemaining(ranking) };
  if (among.length === 1) {
    const weighedFirst = first === best ? against : findAgainst(first, ranking);
    const isCertain = first.probability >= CERTAIN && weighedFirst.length === 0 && ifLeft.length === 0;
    return { kind: isCertain ? 'certain' : 'likely', found: first, against: weighedFirst, ifLeft };
  }
  const areAlike = among.every((each) => each === first || findLookAlike(first.thread, each.thread) !== null);
  if (areAlike && among.length <= MOST_IN_A_TIE) return { kind: 'tie', among, ifLeft };
  return { kind: 'open', remaining: countRemaining(ranking) };
}

/**
 * Most threads are right-hand, and nobody says so of each: while the hand was not tried, a left-hand thread that is otherwise as
 * good as a right-hand one is set apart and named with the verdict.
 */
function takeAsRight(
  running: readonly RankedThread[],
  observations: readonly Observation[],
): { running: readonly RankedThread[]; ifLeft: readonly RankedThread[] } {
  if (observations.some(({ kind }) => kind === 'hand')) return { running, ifLeft: [] };
  const rights = running.filter(({ thread }) => thread.hand === 'right');
  const isTwin = ({ thread }: RankedThread) =>
    thread.hand === 'left' && rights.some((right) => findLookAlike(right.thread, thread) === 'other-hand');
  return {
    running: running.filter((each) => !isTwin(each)),
    ifLeft: trimTie(running.filter(isTwin)).slice(0, 2),
  };
}

/** A profile gauge that sat on the flanks has ruled out the twin of the other system: it is not named again. */
function leaveOutTwins(
  running: readonly RankedThread[],
  observations: readonly Observation[],
): readonly RankedThread[] {
  const [best] = running;
  const flanks = observations.flatMap((each) => (each.kind === 'flank' ? [each.value] : []));
  if (!best || flanks.length === 0 || flanks.some((flank) => flank !== String(best.thread.flank)))
    return running;
  return running.filter(
    ({ thread }) =>
      thread.flank === best.thread.flank || findLookAlike(best.thread, thread) !== 'american-british',
  );
}

/** Readings that speak plainly against a thread. */
const findAgainst = ({ thread }: RankedThread, { observations }: Ranking): Observation[] =>
  getSupport(thread, observations)
    .filter(({ log10 }) => log10 <= CONTRADICTS)
    .map(({ observation }) => observation);

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
