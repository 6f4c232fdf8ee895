import { threads } from '../../threads.ts';
import type { ThreadFamily } from '#core/ends';
import {
  findContradictions,
  type ReadingContradiction,
  findLeads,
  findNextMeasurements,
  type NextMeasurement,
  type Outcome,
  type Question,
  judge,
  type Verdict,
  putReading,
  type Observation,
  type Reading,
  beginWeighing,
  getRanking,
  weighObservation,
  type RankedThread,
  type Ranking,
  type Weights,
} from '#core/identify';
import { drawSpecimen, type SimulatedSpecimen } from '#core/instruments';
import type { Refusal } from '#words/refusals.ts';
import { readSetting, writeSetting } from '../../store/bench.svelte.ts';
import { newId } from '../../store/new-id.ts';

/** What can be asked at the bench: what the core suggests, and what can only be offered. */
export type BenchQuestion = Question | 'collar' | 'marking' | 'colour';

export const BENCH_QUESTIONS: readonly BenchQuestion[] = [
  'gender', 'diameter', 'leaf', 'count', 'second-diameter', 'taper', 'flank', 'crest', 'seat', 'swivel', 'hand',
  'collar', 'material', 'colour', 'marking', 'country',
]; // prettier-ignore

/** What lies on the bench: readings, what follows from them, and which question is shown. */
export class IdentifyBench {
  readings = $state.raw<readonly Reading[]>([]);
  /** The question picked; null shows the best next one. */
  picked = $state<BenchQuestion | null>(null);
  /** The candidate laid over the specimen; null for the leading one. */
  overlaid = $state<string | null>(null);
  refusal = $state.raw<Refusal | null>(null);
  /** A specimen from the practice tray, read with simulated instruments; null for a real one. */
  simulated = $state.raw<SimulatedSpecimen | null>(null);
  /** Whether what the tray holds was looked up. */
  isRevealed = $state(false);
  readonly #key: string;

  observations = $derived.by((): Observation[] => this.readings.map(({ observation }) => observation));
  weights = $derived.by((): Weights => this.observations.reduce(weighObservation, beginWeighing(threads)));
  ranking = $derived.by((): Ranking => getRanking(this.weights));
  verdict = $derived.by((): Verdict => judge(this.ranking));
  next = $derived.by((): NextMeasurement[] => findNextMeasurements(this.ranking));
  contradictions = $derived.by((): ReadingContradiction[] => findContradictions(this.observations));
  /** The question shown: the one picked, else the best next one; null when nothing more would tell. */
  question = $derived.by((): BenchQuestion | null => this.picked ?? this.next[0]?.question ?? null);
  gender = $derived.by(() => {
    const said = this.observations.find(({ kind }) => kind === 'gender');
    return said?.kind === 'gender' ? said.value : (this.ranking.threads[0]?.thread.gender ?? 'male');
  });
  lead = $derived.by((): RankedThread | null => {
    const picked = this.ranking.threads.find(({ thread }) => thread.id === this.overlaid);
    return picked ?? (this.observations.length > 0 ? (this.ranking.threads[0] ?? null) : null);
  });

  constructor(key: string) {
    this.#key = `porthole-identify-${key}`;
  }

  /** Puts back what was left on the bench of this device. */
  async restore(): Promise<void> {
    const kept = readSetting(this.#key);
    if (!kept) return;
    try {
      const value: unknown = JSON.parse(kept);
      const { readBenchReadings } = await import('../../store/read-specimens.ts');
      const readings = readBenchReadings(value);
      if (readings && this.readings.length === 0) this.readings = readings;
    } catch {
      // Not JSON: what was kept is damaged, and the bench begins empty.
    }
  }

  /** Takes an observation made by hand. */
  take(observation: Observation, instrument: string | null, simulated = false): void {
    this.takeReading({ id: newId(), observation, instrument, simulated });
  }

  /** Takes a reading, from wherever it comes. */
  takeReading(reading: Reading): void {
    this.refusal = null;
    this.picked = null;
    this.overlaid = null;
    this.#put(putReading(this.readings, reading));
  }

  takeBack(id: string): void {
    this.picked = null;
    this.#put(this.readings.filter((reading) => reading.id !== id));
  }

  clear(): void {
    this.simulated = null;
    this.isRevealed = false;
    this.picked = null;
    this.overlaid = null;
    this.refusal = null;
    this.#put([]);
  }

  /** Lays a specimen from the practice tray on the bench, of one family or of any. */
  drawFromTray(family: ThreadFamily | null, random: () => number = Math.random): void {
    this.clear();
    const tray = threads.threads.filter((thread) =>
      family === null ? thread.sisterOf === null : thread.family === family,
    );
    this.simulated = drawSpecimen(tray[Math.floor(random() * tray.length)]!, random);
  }

  /** What an outcome of the question would mean: the threads then in the running. */
  getLeads(outcome: Outcome): RankedThread[] {
    return findLeads(this.weights, outcome);
  }

  #put(readings: readonly Reading[]): void {
    this.readings = readings;
    // A specimen from the tray is drawn anew each time; its readings are not kept for another.
    writeSetting(this.#key, JSON.stringify(readings.some(({ simulated }) => simulated) ? [] : readings));
  }
}
