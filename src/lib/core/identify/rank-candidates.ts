import type { ListedThread, ThreadList } from '#core/catalogue';
import type { Candidate } from './likelihoods/likelihood.ts';
import { getLikelihood } from './likelihoods/likelihoods.ts';
import type { Observation } from './observation.ts';

/** A thread and what no reading parts it from. */
export interface RankedThread {
  readonly thread: ListedThread;
  /** Dryseal for NPT, the olive nut for G: listed after the thread they are sister to. */
  readonly sisters: readonly ListedThread[];
  /** 0 to 1; all ranked threads and `none` add up to 1. */
  readonly probability: number;
}

export interface Ranking {
  readonly observations: readonly Observation[];
  /** The likeliest first. */
  readonly threads: readonly RankedThread[];
  /** The chance that the specimen is a thread that stands in no list. */
  readonly none: number;
}

/** Before anything is seen: one specimen in fifty is not in the list, the listed ones are alike, sisters are rarer. */
const NONE_BEFORE = 0.02;
const SISTER_BEFORE = 0.15;

/** The weights of all candidates so far (natural logarithms), so that one more reading costs one more reading. */
export interface Weights {
  readonly list: ThreadList;
  readonly observations: readonly Observation[];
  /** In the order of the list; not normalised. */
  readonly threads: Float64Array;
  readonly none: number;
}

/** The weights before anything is seen. */
export function beginWeighing(list: ThreadList): Weights {
  const before = list.threads.map((thread) => (thread.sisterOf ? SISTER_BEFORE : 1));
  const total = before.reduce((sum, each) => sum + each, 0);
  return {
    list,
    observations: [],
    threads: Float64Array.from(before, (each) => Math.log(((1 - NONE_BEFORE) * each) / total)),
    none: Math.log(NONE_BEFORE),
  };
}

/** Weighs one more observation (Bayes' rule: likelihoods multiply, each with its instrument's error). */
export function weighObservation(weights: Weights, observation: Observation): Weights {
  const { list, observations, threads, none } = weights;
  const log = (candidate: Candidate) => Math.log(getLikelihood(candidate, observation, observations));
  return {
    list,
    observations: [...observations, observation],
    threads: threads.map((weight, i) => weight + log(list.threads[i]!)),
    none: none + log('none'),
  };
}

/** Turns weights into probabilities; a thread and its sisters share one line. */
export function getRanking({ list, observations, threads: logs, none }: Weights): Ranking {
  const top = logs.reduce((most, log) => Math.max(most, log), none);
  const total = logs.reduce((sum, log) => sum + Math.exp(log - top), Math.exp(none - top));
  const groups = new Map<string, { thread: ListedThread; probability: number }[]>();
  for (const [i, thread] of list.threads.entries()) {
    const member = { thread, probability: Math.exp(logs[i]! - top) / total };
    const key = thread.sisterOf ?? thread.id;
    const group = groups.get(key);
    if (group) group.push(member);
    else groups.set(key, [member]);
  }
  const threads = [...groups.values()].map((members): RankedThread => {
    members.sort((a, b) => b.probability - a.probability);
    const [main, ...sisters] = members;
    const probability = members.reduce((sum, each) => sum + each.probability, 0);
    return { thread: main!.thread, sisters: sisters.map(({ thread }) => thread), probability };
  });
  threads.sort((a, b) => b.probability - a.probability);
  return { observations, threads, none: Math.exp(none - top) / total };
}

/**
 * Ranks every listed thread, and "none of these", by how well each explains all observations. They may be any
 * subset, in any order.
 */
export const rankCandidates = (list: ThreadList, observations: readonly Observation[]): Ranking =>
  getRanking(observations.reduce(weighObservation, beginWeighing(list)));

/** What an observation says of a candidate: the odds against a thread that could be anything, as a power of ten. */
export interface Support {
  readonly observation: Observation;
  readonly says: 'for' | 'against' | 'little';
  readonly log10: number;
}

/** Weaker than this (a factor of two) an observation says little. */
const LITTLE = Math.log10(2);

/** What speaks for and against a thread, observation by observation. */
export function getSupport(thread: ListedThread, observations: readonly Observation[]): Support[] {
  return observations.map((observation, i) => {
    const earlier = observations.slice(0, i);
    const log10 = Math.log10(
      getLikelihood(thread, observation, earlier) / getLikelihood('none', observation, earlier),
    );
    return { observation, says: log10 > LITTLE ? 'for' : log10 < -LITTLE ? 'against' : 'little', log10 };
  });
}
