import { getCrestRange, getPitch, type ThreadPlace } from '#core/catalogue';
import { MILLIMETRE } from '#core/units';
import { getEntropy } from './chance.ts';
import { getRunning } from './judge.ts';
import type { Candidate } from './likelihoods/likelihood.ts';
import { getLikelihood } from './likelihoods/likelihoods.ts';
import {
  COUNTRIES,
  CREST_FORMS,
  FLANKS,
  REPEATABLE,
  THREAD_MATERIALS,
  type Observation,
  type ObservationKind,
} from './observation.ts';
import { SEATS } from '#core/ends';
import {
  getRanking,
  weighObservation,
  type RankedThread,
  type Ranking,
  type Weights,
} from './rank-candidates.ts';

/** A thing that could be measured next. */
export type Question = Exclude<ObservationKind, 'marking' | 'colour' | 'collar'> | 'second-diameter';

/** How long a practised hand takes, seconds: an estimate that weighs questions, not a promise. */
export const EASE: Readonly<Record<Question, number>> = {
  gender: 2,
  hand: 4,
  swivel: 3,
  taper: 5,
  seat: 8,
  crest: 10,
  material: 4,
  country: 12,
  diameter: 15,
  'second-diameter': 15,
  leaf: 20,
  count: 30,
  flank: 30,
};

/** What a measurement may give, and how likely that is as far as is known. */
export interface Outcome {
  readonly observation: Observation;
  readonly chance: number;
}

export interface NextMeasurement {
  readonly question: Question;
  /** Bits of doubt it is expected to take away. */
  readonly gain: number;
  readonly outcomes: readonly Outcome[];
}

/** Below this many bits a measurement is not worth making. */
const WORTH = 0.01;
/** Ease counts, but less than what is learned: gain / seconds^0.15. */
const EASE_WEIGHT = 0.15;
const CONSIDERED = 1e-4;
const MOST_OUTCOMES = 10;

/**
 * Ranks what could be measured next by how much doubt it is expected to take away (entropy), weighing how easy it is. Empty when nothing more would tell. Deterministic: outcomes are those the candidates predict.
 */
export function findNextMeasurements(ranking: Ranking): NextMeasurement[] {
  const field: Field = [
    ...ranking.threads
      .filter(({ probability }) => probability > CONSIDERED)
      .map((ranked) => ({ candidate: ranked.thread, ranked, weight: ranked.probability })),
    { candidate: 'none', ranked: null, weight: ranking.none },
  ];
  const doubt = getEntropy(field.map(({ weight }) => weight));
  return getQuestions(ranking)
    .map((question) => weighQuestion(question, field, ranking, doubt))
    .filter(({ gain }) => gain > WORTH)
    .toSorted((a, b) => getScore(b) - getScore(a));
}

const getScore = ({ question, gain }: NextMeasurement): number => gain / EASE[question] ** EASE_WEIGHT;

type Field = readonly { candidate: Candidate; ranked: RankedThread | null; weight: number }[];

/** What has not been asked, or can be asked again with profit. */
function getQuestions({ observations }: Ranking): Question[] {
  const asked = new Set<ObservationKind>(observations.map(({ kind }) => kind));
  const diameters = observations.filter(({ kind }) => kind === 'diameter').length;
  return (Object.keys(EASE) as Question[]).filter((question) => {
    if (question === 'second-diameter') return diameters === 1;
    if (question === 'diameter') return diameters === 0;
    if (question === 'leaf') {
      const leaves = observations.filter(({ kind }) => kind === 'leaf');
      return leaves.length < 3 && !leaves.some((leaf) => leaf.kind === 'leaf' && leaf.fit === 'fits');
    }
    return !asked.has(question) || (REPEATABLE.has(question) && question !== 'count');
  });
}

function weighQuestion(question: Question, field: Field, ranking: Ranking, doubt: number): NextMeasurement {
  const weighed = getOutcomes(question, field, ranking).map(({ observation, chance }) => {
    const after = field.map(
      ({ candidate, weight }) => weight * getLikelihood(candidate, observation, ranking.observations),
    );
    const entropy = getEntropy(after);
    return { observation, chance: chance ?? after.reduce((sum, weight) => sum + weight, 0), entropy };
  });
  const total = weighed.reduce((sum, { chance }) => sum + chance, 0);
  if (total === 0) return { question, gain: 0, outcomes: [] };
  const outcomes = weighed.map((each) => ({ ...each, chance: each.chance / total }));
  const expected = outcomes.reduce((sum, { chance, entropy }) => sum + chance * entropy, 0);
  outcomes.sort((a, b) => b.chance - a.chance);
  return {
    question,
    gain: doubt - expected,
    outcomes: outcomes.map(({ observation, chance }) => ({ observation, chance })),
  };
}

/** What an outcome would mean: the threads that would then be in the running. */
export const findLeads = (weights: Weights, { observation }: Outcome): RankedThread[] =>
  getRunning(getRanking(weighObservation(weights, observation)).threads);

/** Outcomes of a question. Where the answers can be listed their chance follows from the field; readings on a scale are those the leading threads predict. */
function getOutcomes(
  question: Question,
  field: Field,
  ranking: Ranking,
): { observation: Observation; chance: number | null }[] {
  const all = (observations: readonly Observation[]) =>
    observations.map((observation) => ({ observation, chance: null }));
  switch (question) {
    case 'gender':
      return all([
        { kind: 'gender', value: 'male' },
        { kind: 'gender', value: 'female' },
      ]);
    case 'hand':
      return all([
        { kind: 'hand', value: 'right' },
        { kind: 'hand', value: 'left' },
      ]);
    case 'swivel':
      return all([
        { kind: 'swivel', value: true },
        { kind: 'swivel', value: false },
      ]);
    case 'taper':
      return all([
        { kind: 'taper', value: 'taper' },
        { kind: 'taper', value: 'parallel' },
      ]);
    case 'seat':
      return all(SEATS.map((value) => ({ kind: 'seat', value, by: 'gauge' })));
    case 'crest':
      return all(CREST_FORMS.map((value) => ({ kind: 'crest', value })));
    case 'flank':
      return all(FLANKS.map((value) => ({ kind: 'flank', value })));
    case 'material':
      return all(THREAD_MATERIALS.map((value) => ({ kind: 'material', value })));
    case 'country':
      return all(COUNTRIES.map((value) => ({ kind: 'country', value })));
    default:
      return predictReadings(question, field, ranking);
  }
}

type Scaled = 'diameter' | 'second-diameter' | 'leaf' | 'count';

function predictReadings(
  question: Scaled,
  field: Field,
  ranking: Ranking,
): { observation: Observation; chance: number }[] {
  const leading = field.flatMap(({ ranked, weight }) => (ranked ? [{ ranked, weight }] : []));
  const seen = new Map<string, { observation: Observation; chance: number }>();
  for (const { ranked, weight } of leading) {
    const observation = predictReading(question, ranked, ranking);
    const key = JSON.stringify(observation);
    const before = seen.get(key);
    seen.set(key, { observation, chance: (before?.chance ?? 0) + weight });
  }
  return [...seen.values()].toSorted((a, b) => b.chance - a.chance).slice(0, MOST_OUTCOMES);
}

function predictReading(question: Scaled, { thread }: RankedThread, { observations }: Ranking): Observation {
  const side = thread.gender === 'male' ? 'outside' : 'inside';
  const readAt = (place: ThreadPlace): Observation => {
    const [low, high] = getCrestRange(thread, place);
    // Tenths of a millimetre: threads that read alike share one outcome.
    const length = Math.round(5 * (low + high)) * (MILLIMETRE / 10);
    return { kind: 'diameter', side, length, instrument: 'caliper', place };
  };
  switch (question) {
    case 'diameter':
      return readAt('first');
    case 'leaf':
      return { kind: 'leaf', perInch: thread.perInch, fit: 'fits' };
    case 'count':
      return {
        kind: 'count',
        threads: 6,
        over: Math.round(6 * getPitch(thread) * 100) * (MILLIMETRE / 100),
        instrument: 'caliper',
      };
    case 'second-diameter': {
      const first = observations.find(({ kind }) => kind === 'diameter');
      const place = getSecondPlace(first?.kind === 'diameter' ? first.place : 'first');
      const second = readAt(place);
      if (first?.kind !== 'diameter' || second.kind !== 'diameter') return second;
      // Read against the first: the taper of the candidate decides, not where its range lies.
      const isTapered = thread.crest.slope !== 0;
      const along = isTapered ? thread.crest.slope * 0.6 * thread.crest.length : 0;
      const towards = first.place === 'last' ? -along : along;
      return { ...second, length: first.length + Math.round(towards * 100) * (MILLIMETRE / 100) };
    }
  }
}

/** Far from the first one, so that the taper shows. */
export const getSecondPlace = (first: ThreadPlace): ThreadPlace =>
  first === 'last' || first === 'third' ? 'mouth' : 'last';
