import { refuse, type Result } from '#core/outcome';
import type { RunLayout } from '#core/runs/layout';
import {
  getFarCentre,
  planDrag,
  planReading,
  type MarkMove,
  getMarks,
  layTape,
  type Tape,
  type TapeMark,
} from '#core/tape';
import { TAPE_GRADUATIONS, type Length, type LengthUnit } from '#core/units';
import type { PlannedChange } from '#core/runs/changes';
import type { Refusal } from '#words/refusals.ts';
import { newId } from '../../store/new-id.ts';

/** What the hand needs of what the tape lies on: the run, which leg of it is looked at, and ways to look and to change. */
export interface TapedRun {
  readonly layout: RunLayout | null;
  readonly unit: LengthUnit;
  readonly selected: { readonly id: string } | null;
  readonly store: { apply(planned: PlannedChange): Result<void, Refusal> };
  pick(subject: string): void;
  take(planned: Result<PlannedChange, Refusal>): boolean;
}

/** The hand on the tape: which leg it lies on, where it is hooked on, which mark is held, and where that is being moved to. */
export class TapeHand {
  readonly #run: TapedRun;
  /** The leg the tape lies on; null while it is rolled up. */
  #leg = $state<string | null>(null);
  #hook = $state<string | null>(null);
  #mark = $state<string | null>(null);
  /** What letting go would do. */
  #move = $state.raw<MarkMove | null>(null);
  /** How far the tape is moved along under the window (nm) so that the end that is not dragged keeps its place. */
  shift = $state(0);
  refusal = $state.raw<Refusal | null>(null);

  /** The leg under the tape: what is looked at, or what was looked at last. */
  leg = $derived.by((): string | null => {
    const selected = this.#run.selected?.id ?? this.#leg;
    return this.#leg !== null && selected !== null && this.#run.layout?.legs.has(selected) ? selected : null;
  });
  /** As the run stands. */
  tape = $derived.by((): Tape | null => {
    const { layout } = this.#run;
    return layout && this.leg !== null ? layTape(layout, this.leg) : null;
  });
  /** The run while a mark is being moved; null while none is. */
  tried = $derived.by((): RunLayout | null => this.#move?.layout ?? null);
  /** As it is shown: with the mark where it is being moved to. */
  shown = $derived.by((): Tape | null => {
    const tried = this.tried && this.leg !== null ? layTape(this.tried, this.leg) : null;
    return tried ?? this.tape;
  });
  hook = $derived.by((): TapeMark | null => {
    const { shown } = this;
    return shown && (shown.hooks.find(({ id }) => id === this.#hook) ?? shown.hook);
  });
  mark = $derived.by((): TapeMark | null => {
    const { shown, hook } = this;
    if (!shown || !hook) return null;
    const marks = getMarks(shown);
    return marks.find(({ id }) => id === this.#mark) ?? (hook.order > 0 ? marks[0]! : getFarCentre(shown));
  });

  constructor(run: TapedRun) {
    this.#run = run;
  }

  get unit() {
    return this.#run.unit;
  }

  layOn(leg: string): void {
    this.#leg = leg;
    this.#clear();
    this.#run.pick(leg);
  }

  rollUp(): void {
    this.#leg = null;
    this.#clear();
  }

  hookOn(id: string): void {
    this.#hook = id;
    this.refusal = null;
  }

  hold(id: string): void {
    this.#mark = id;
    this.refusal = null;
  }

  /** Moves a mark to a place on the tape as it stood when it was taken hold of (nm from the near centre). */
  drag(id: string, to: Length): void {
    const { tape } = this;
    const { layout } = this.#run;
    const mark = tape && getMarks(tape).find((each) => each.id === id);
    const hook = tape && (tape.hooks.find((each) => each.id === this.#hook) ?? tape.hook);
    if (!layout || !mark || !hook) return;
    // The hook stays where it was put, although the measure may be taken from elsewhere while it moves.
    this.#hook = hook.id;
    this.#mark = id;
    const move = planDrag(layout, tape, hook, mark, to, this.unit, newId);
    this.refusal = move.ok ? null : move.refusal;
    if (!move.ok) return;
    this.#move = move.value;
    const [before, after] = [tape, this.shown].map((each) => each?.stations.at(-1)?.at ?? 0);
    this.shift = mark.order === 0 && hook.order === 0 ? before! - after! : 0;
  }

  /** Lets go of the mark: the run is what it was moved to. */
  drop(): void {
    const move = this.#move;
    this.#move = null;
    this.shift = 0;
    if (move) this.#run.take({ ok: true, value: move.planned });
  }

  /** Lets the mark go back to where it was. */
  leave(): void {
    this.#move = null;
    this.shift = 0;
    this.refusal = null;
  }

  /** Moves a mark by so many graduations, onward or back. */
  nudge(id: string, by: number): void {
    const { layout } = this.#run;
    const mark = this.tape && getMarks(this.tape).find((each) => each.id === id);
    if (!layout || !mark || mark.at === null) return;
    this.drag(id, mark.at + by * TAPE_GRADUATIONS[layout.rules['tape-rounding'].option]);
    this.drop();
  }

  /** Reads the mark held off the tape, as typed. */
  read(value: Length, typed: string): boolean {
    const { hook, mark, tape, unit } = this;
    const { layout } = this.#run;
    if (!layout || !tape || !hook || !mark) return false;
    const move = planReading(layout, tape, { hook, mark, value, typed, unit }, newId);
    const done: Result<void, Refusal> = move.ok
      ? this.#run.store.apply(move.value.planned)
      : refuse(move.refusal);
    this.refusal = done.ok ? null : done.refusal;
    if (done.ok) this.#hook = hook.id;
    return done.ok;
  }

  #clear(): void {
    this.#hook = null;
    this.#mark = null;
    this.leave();
  }
}
