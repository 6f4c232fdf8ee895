import type { ThreadPlace } from '#core/catalogue';
import {
  checkDiameter,
  parseCount,
  getSecondPlace,
  type LeafFit,
  type MeasuringInstrument,
  type Observation,
} from '#core/identify';
import { accept, refuse, type Result } from '#core/outcome';
import { parseLength, type LengthUnit } from '#core/units';
import type { Refusal } from '#words/refusals.ts';
import type { BenchQuestion, IdentifyBench } from './identify-bench.svelte.ts';

/** An answer that is typed: what stands in the fields, and the observation it makes. */
export class MeasuredAnswer {
  readonly question: BenchQuestion;
  typed = $state('');
  threads = $state('');
  instrument = $state<MeasuringInstrument>('caliper');
  place = $state<ThreadPlace>('first');
  /** Outside or inside, where it is not said yet whether the thread is male or female. */
  side = $state<'outside' | 'inside'>('outside');
  leaf = $state(14);
  fit = $state<LeafFit>('fits');
  refusal = $state.raw<Refusal | null>(null);
  readonly #bench: IdentifyBench;

  constructor(bench: IdentifyBench, question: BenchQuestion) {
    this.#bench = bench;
    this.question = question;
    this.side = bench.gender === 'male' ? 'outside' : 'inside';
    if (question === 'second-diameter') this.place = getSecondPlace(this.#firstPlace());
    if (question === 'diameter' && bench.gender === 'female') this.place = 'mouth';
  }

  /** Reads the fields; what cannot be is refused with its sentence, and the fields keep what was typed. */
  read(unit: LengthUnit): Result<Observation, Refusal> {
    const read = this.#read(unit);
    this.refusal = read.ok ? null : read.refusal;
    return read;
  }

  #read(unit: LengthUnit): Result<Observation, Refusal> {
    if (this.question === 'leaf') return accept({ kind: 'leaf', perInch: this.leaf, fit: this.fit });
    if (this.question === 'marking') {
      const text = this.typed.trim();
      return text ? accept({ kind: 'marking', text }) : refuse({ code: 'marking-empty' });
    }
    const length = parseLength(this.typed, unit);
    if (!length.ok) return length;
    const { typed } = this;
    if (this.question === 'count') {
      const threads = parseCount(this.threads);
      if (!threads.ok) return threads;
      const over = checkDiameter(length.value.length, typed.trim(), unit);
      if (!over.ok) return over;
      return accept({ kind: 'count', threads: threads.value, over: over.value, instrument: this.instrument });
    }
    const checked = checkDiameter(length.value.length, typed.trim(), unit);
    if (!checked.ok) return checked;
    if (this.question === 'collar') return accept({ kind: 'collar', acrossFlats: checked.value });
    return accept({
      kind: 'diameter',
      side: this.side,
      length: checked.value,
      instrument: this.instrument,
      place: this.place,
    });
  }

  #firstPlace(): ThreadPlace {
    const first = this.#bench.observations.find(({ kind }) => kind === 'diameter');
    return first?.kind === 'diameter' ? first.place : 'first';
  }
}
