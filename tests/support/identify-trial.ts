import { standardThreads, getPitch, type ListedThread } from '#core/catalogue';
import {
  findNextMeasurements,
  EASE,
  type Question,
  judge,
  type Verdict,
  findLookAlike,
  type LookAlike,
  type Observation,
  beginWeighing,
  getRanking,
  rankCandidates,
  weighObservation,
  type Ranking,
} from '#core/identify';
import { drawSpecimen, type Random, type SimulatedSpecimen } from '#core/instruments';
import { answerQuestion, drawUnlistedSpecimen } from './simulated-fitter.ts';

/** Real threads that stand in no table of ours: designation, major and pitch in mm, flank. Published coarse and fine series. */
const UNLISTED_SERIES: readonly (readonly [string, number, number, 60 | 55])[] = [
  ['M6x1', 6, 1, 60],
  ['M8x1.25', 8, 1.25, 60],
  ['M10x1.5', 10, 1.5, 60],
  ['M10x1.25', 10, 1.25, 60],
  ['M12x1.75', 12, 1.75, 60],
  ['M12x1.25', 12, 1.25, 60],
  ['M14x2', 14, 2, 60],
  ['M16x2', 16, 2, 60],
  ['M18x2.5', 18, 2.5, 60],
  ['M20x2.5', 20, 2.5, 60],
  ['M24x1.5', 24, 1.5, 60],
  ['M24x2', 24, 2, 60],
  ['M24x3', 24, 3, 60],
  ['M27x1.5', 27, 1.5, 60],
  ['M27x3', 27, 3, 60],
  ['M30x1.5', 30, 1.5, 60],
  ['M30x3.5', 30, 3.5, 60],
  ['M32x1.5', 32, 1.5, 60],
  ['M36x1.5', 36, 1.5, 60],
  ['M36x3', 36, 3, 60],
  ['M40x1.5', 40, 1.5, 60],
  ['M42x3', 42, 3, 60],
  ['M48x3', 48, 3, 60],
  ['M52x2', 52, 2, 60],
  ['1/4-20 UNC', 6.35, 1.27, 60],
  ['1/4-28 UNF', 6.35, 0.907, 60],
  ['5/16-18 UNC', 7.9375, 1.411, 60],
  ['3/8-16 UNC', 9.525, 1.5875, 60],
  ['7/16-14 UNC', 11.1125, 1.814, 60],
  ['1/2-13 UNC', 12.7, 1.954, 60],
  ['9/16-12 UNC', 14.2875, 2.117, 60],
  ['5/8-11 UNC', 15.875, 2.309, 60],
  ['3/4-10 UNC', 19.05, 2.54, 60],
  ['7/8-9 UNC', 22.225, 2.822, 60],
  ['1-8 UNC', 25.4, 3.175, 60],
  ['1-12 UNF', 25.4, 2.117, 60],
  ['1-1/8-7 UNC', 28.575, 3.629, 60],
  ['1-1/4-7 UNC', 31.75, 3.629, 60],
  ['1-1/2-6 UNC', 38.1, 4.233, 60],
  ['3/8 BSW', 9.525, 1.588, 55],
  ['1/2 BSW', 12.7, 2.117, 55],
  ['5/8 BSW', 15.875, 2.309, 55],
  ['3/4 BSW', 19.05, 2.54, 55],
  ['1 BSW', 25.4, 3.175, 55],
  ['1/2 BSF', 12.7, 1.5875, 55],
  ['3/4 BSF', 19.05, 2.117, 55],
  ['1 BSF', 25.4, 2.54, 55],
];

/** Those that a gauge could part from every listed thread: the others are, for any instrument, the listed one. */
export const UNLISTED = UNLISTED_SERIES.filter(
  ([, major, pitch]) =>
    !standardThreads.threads.some(
      (thread) =>
        thread.gender === 'male' &&
        Math.abs(thread.crest.high - major) < 0.3 &&
        Math.abs(getPitch(thread) / pitch - 1) < 0.02,
    ),
);

export function drawUnlisted(random: Random): SimulatedSpecimen {
  const [, major, pitch, flank] = UNLISTED[Math.floor(random() * UNLISTED.length)]!;
  return drawUnlistedSpecimen(major, pitch, flank, random() < 0.5 ? 'male' : 'female', random);
}

export function drawListed(random: Random): { thread: ListedThread; specimen: SimulatedSpecimen } {
  const mains = standardThreads.threads.filter(({ sisterOf }) => sisterOf === null || random() < 0.15);
  const thread = mains[Math.floor(random() * mains.length)]!;
  return { thread, specimen: drawSpecimen(thread, random) };
}

/** Everything the bench asks. */
export const FULL: readonly Question[] = Object.keys(EASE) as Question[];

export function answerAll(
  order: readonly Question[],
  specimen: SimulatedSpecimen,
  random: Random,
): Observation[] {
  const observations: Observation[] = [];
  for (const question of order) {
    observations.push(answerQuestion(question, specimen, observations, random));
  }
  return observations;
}

export const judgeAll = (observations: readonly Observation[]): Verdict =>
  judge(rankCandidates(standardThreads, observations));

export type Grade =
  | 'single'
  | 'tie'
  | 'wide-tie'
  | 'wrong-tie'
  | 'open'
  | 'none'
  | 'likely-wrong'
  | 'certain-wrong';

/** How a verdict on a listed thread stands against the truth. A sister no reading parts counts as the thread. */
export function grade(verdict: Verdict, truth: ListedThread): { grade: Grade; alike: LookAlike | null } {
  const isTruth = (id: string, sisters: readonly ListedThread[]) =>
    id === truth.id || sisters.some((sister) => sister.id === truth.id);
  switch (verdict.kind) {
    case 'certain':
    case 'likely': {
      if (isTruth(verdict.found.thread.id, verdict.found.sisters)) return { grade: 'single', alike: null };
      // Named with the verdict, for the hand was never tried: one of two that were told.
      if (verdict.ifLeft.some(({ thread, sisters }) => isTruth(thread.id, sisters)))
        return { grade: verdict.ifLeft.length === 1 ? 'tie' : 'wide-tie', alike: 'other-hand' };
      return {
        grade: verdict.kind === 'certain' ? 'certain-wrong' : 'likely-wrong',
        alike: findLookAlike(verdict.found.thread, truth),
      };
    }
    case 'tie': {
      const [a, b] = verdict.among;
      const alike = a && b ? findLookAlike(a.thread, b.thread) : null;
      const told = [...verdict.among, ...verdict.ifLeft];
      if (!told.some(({ thread, sisters }) => isTruth(thread.id, sisters)))
        return { grade: 'wrong-tie', alike };
      return { grade: verdict.among.length <= 2 ? 'tie' : 'wide-tie', alike };
    }
    case 'none':
      return { grade: 'none', alike: null };
    case 'open':
    case 'empty':
      return { grade: 'open', alike: null };
  }
}

/** One thread, or none; not while the hand is only taken for right. */
const isSettled = (verdict: Verdict): boolean =>
  verdict.kind === 'none' || ('found' in verdict && verdict.ifLeft.length === 0);

/** Readings until the verdict stands (all of them where it never does), and the verdict. */
export interface Trial {
  readonly readings: number;
  readonly verdict: Verdict;
}

/** Nothing more to be learned: one thread, none, or look-alikes that no question left would part. */
const isDone = (ranking: Ranking, verdict: Verdict): boolean =>
  isSettled(verdict) || (verdict.kind === 'tie' && findNextMeasurements(ranking).length === 0);

/** Following the suggestions. Where none is left while several are open, the trial counts as if all had been asked. */
export function followSuggestions(specimen: SimulatedSpecimen, random: Random): Trial {
  let weights = beginWeighing(standardThreads);
  for (;;) {
    const ranking = getRanking(weights);
    const verdict = judge(ranking);
    const { observations } = weights;
    if (isSettled(verdict)) return { readings: observations.length, verdict };
    const [next] = findNextMeasurements(ranking);
    if (!next) return { readings: verdict.kind === 'tie' ? observations.length : FULL.length, verdict };
    weights = weighObservation(weights, answerQuestion(next.question, specimen, observations, random));
  }
}

/** In a fixed order of questions, until nothing more is to be learned. */
export function followOrder(order: readonly Question[], specimen: SimulatedSpecimen, random: Random): Trial {
  let weights = beginWeighing(standardThreads);
  let verdict: Verdict = { kind: 'empty' };
  for (const question of order) {
    const { observations } = weights;
    weights = weighObservation(weights, answerQuestion(question, specimen, observations, random));
    const ranking = getRanking(weights);
    verdict = judge(ranking);
    if (isDone(ranking, verdict)) return { readings: weights.observations.length, verdict };
  }
  return { readings: FULL.length, verdict };
}

/** A fixed order drawn at random; a second diameter comes after the first. */
export function drawOrder(random: Random): Question[] {
  const order = [...FULL];
  for (let i = order.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [order[i], order[j]] = [order[j]!, order[i]!];
  }
  const [first, second] = [order.indexOf('diameter'), order.indexOf('second-diameter')];
  if (second < first) [order[first], order[second]] = [order[second]!, order[first]!];
  return order;
}
