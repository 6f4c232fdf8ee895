import type { ListedThread, ThreadList } from '#core/catalogue';
import type { Gender, ThreadFamily } from '#core/ends';
import { judge, type Verdict } from './judge.ts';
import type { Reading } from './observation.ts';
import { rankCandidates, type RankedThread } from './rank-candidates.ts';

/** What the next part must mate with, and how sure that is. */
export interface SpecimenEnd {
  readonly thread: string;
  readonly family: ThreadFamily;
  readonly size: string;
  readonly gender: Gender;
  readonly certainty: 'certain' | 'likely' | 'tie';
  /** Ids of threads it may be as well. */
  readonly orElse: readonly string[];
}

/** A verdict as it is kept: threads by their ids, readings by theirs. */
export interface KeptVerdict {
  readonly kind: Verdict['kind'];
  readonly threads: readonly string[];
  /** The catalogue the verdict was made with. */
  readonly catalogueVersion: string;
}

/** What is said when a specimen is kept: who read what, and what it is. */
export interface SpecimenInput {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly readings: readonly Reading[];
  readonly by: string;
  /** When it was kept, by the device's clock. */
  readonly at: string;
}

/** A specimen of a job. Kept once: a second look is another specimen. */
export interface Specimen extends SpecimenInput {
  readonly verdict: KeptVerdict;
  readonly end: SpecimenEnd | null;
  /** At least one reading came from a simulated instrument. */
  readonly simulated: boolean;
}

/** Judges the readings of a specimen and makes its record. The same on the device and on the server. */
export function makeSpecimen(list: ThreadList, input: SpecimenInput): Specimen {
  const observations = input.readings.map(({ observation }) => observation);
  const verdict = judge(rankCandidates(list, observations));
  return {
    ...input,
    verdict: { kind: verdict.kind, threads: listThreads(verdict), catalogueVersion: list.version },
    end: getEnd(verdict),
    simulated: input.readings.some(({ simulated }) => simulated),
  };
}

const listAll = (ranked: readonly RankedThread[]): ListedThread[] =>
  ranked.flatMap(({ thread, sisters }) => [thread, ...sisters]);

function listThreads(verdict: Verdict): string[] {
  switch (verdict.kind) {
    case 'certain':
    case 'likely':
      return listAll([verdict.found, ...verdict.ifLeft]).map(({ id }) => id);
    case 'tie':
      return [...verdict.among, ...verdict.ifLeft].map(({ thread }) => thread.id);
    case 'none':
      return [verdict.nearest.thread.id];
    case 'empty':
    case 'open':
      return [];
  }
}

/** The end a verdict gives: none while it is open, or when nothing in the list agrees. */
export function getEnd(verdict: Verdict): SpecimenEnd | null {
  const make = (
    { id, family, size, gender }: ListedThread,
    certainty: SpecimenEnd['certainty'],
    orElse: readonly ListedThread[],
  ): SpecimenEnd => ({ thread: id, family, size, gender, certainty, orElse: orElse.map((each) => each.id) });
  switch (verdict.kind) {
    case 'certain':
    case 'likely':
      return make(verdict.found.thread, verdict.kind, [...verdict.found.sisters, ...listAll(verdict.ifLeft)]);
    case 'tie': {
      const [best, ...others] = verdict.among;
      return make(
        best!.thread,
        'tie',
        [...others, ...verdict.ifLeft].map(({ thread }) => thread),
      );
    }
    default:
      return null;
  }
}
