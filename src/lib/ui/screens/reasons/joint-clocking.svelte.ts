import { getHouseWindow } from '#core/house-rules';
import { findStops, getTurns, type ClockingStop } from '#core/joints';
import type { Result } from '#core/outcome';
import { applyOps, type PlannedChange } from '#core/runs/changes';
import { findClocking, planClockJoint } from '#core/runs/commands';
import { findPiece, layOutRun, type RunLayout } from '#core/runs/layout';
import type { LaidEnd } from '#core/runs/measuring';
import type { Piece } from '#core/runs/pieces';
import { findTurned, findPointing, type Pointing } from '#core/runs/reading';
import type { Length } from '#core/units';
import type { Refusal } from '#words/refusals.ts';
import { newId } from '../../store/new-id.ts';

/** A stop of the dial with the cut it would make. */
export interface StopWithCut {
  readonly stop: ClockingStop;
  /** Whole turns past the first time it points there. */
  readonly whole: number;
  /** On the tape, nm; null where no cut is known. */
  readonly cut: Length | null;
}

/** The clocking of one joint: where its fitting points hand-tight, the stops in the window, and what each does to the cut. */
export class JointClockingState {
  readonly #get: () => { layout: RunLayout; end: LaidEnd };
  readonly #take: (planned: PlannedChange) => Result<void, Refusal>;
  /** Where the dial stands while it is turned and no stop is chosen yet. */
  #handTight = $state<number | null>(null);
  refusal = $state.raw<Refusal | null>(null);

  constructor(
    get: () => { layout: RunLayout; end: LaidEnd },
    take: (planned: PlannedChange) => Result<void, Refusal>,
  ) {
    this.#get = get;
    this.#take = take;
  }

  kept = $derived.by(() => findClocking(this.#get().layout.doc, this.#get().end));
  pointing = $derived.by((): Pointing | null => findPointing(this.#get().layout, this.#get().end));
  handTight = $derived.by((): number => this.#handTight ?? this.kept?.handTight ?? 0);
  wanted = $derived.by((): number => this.pointing?.angle ?? this.kept?.wanted ?? 0);
  found = $derived.by(() => {
    const { layout, end } = this.#get();
    const { thread } = end;
    if (!thread) return null;
    const window = getHouseWindow(layout.rules['how-tight'], thread, thread.cutToScratch);
    return findStops(thread, this.handTight, this.wanted, thread.cutToScratch, window);
  });
  /** Turns past hand-tight of the stop that is kept; null by the house rule. */
  chosen = $derived.by((): number | null => {
    const { kept } = this;
    const stands = kept?.handTight === this.handTight && kept.wanted === this.wanted;
    return kept && stands ? getTurns(kept) : null;
  });
  stops = $derived.by((): readonly StopWithCut[] => {
    if (!this.found?.ok) return [];
    return this.found.value.stops.map((stop) => {
      const whole = Math.floor(stop.turns + 1e-9);
      return { stop, whole, cut: this.#findCut(whole) };
    });
  });
  /** What the dial shows: the stop kept, or the best one. */
  shown = $derived.by(
    (): number | null => this.chosen ?? (this.found?.ok ? this.found.value.best.turns : null),
  );

  /** What turns with the fitting. */
  turned = $derived.by(() => findTurned(this.#get().layout, this.#get().end));

  /** The piece that ends here. */
  get piece(): Piece | null {
    const { layout, end } = this.#get();
    return layout.pieces.get(end.leg)?.find(({ ends }) => ends.some(({ id }) => id === end.id)) ?? null;
  }

  turn(handTight: number): void {
    this.#handTight = handTight;
    this.refusal = null;
    // A stop that was kept follows the hand at once, so that the cut does too.
    const best = this.found?.ok ? this.found.value.best : null;
    if (this.kept && best) this.choose(Math.floor(best.turns + 1e-9));
  }

  /** Keeps a stop; null goes back to the house rule. */
  choose(whole: number | null): void {
    const { layout, end } = this.#get();
    const planned = planClockJoint(layout.doc, end, this.#ask(whole), newId);
    const done = planned.ok ? this.#take(planned.value) : planned;
    this.refusal = done.ok ? null : done.refusal;
  }

  #ask(whole: number | null) {
    return whole === null ? null : { handTight: this.handTight, wanted: this.wanted, whole };
  }

  #findCut(whole: number): Length | null {
    const { layout, end } = this.#get();
    const planned = planClockJoint(layout.doc, end, this.#ask(whole), newId);
    const applied = planned.ok ? applyOps(layout.doc, planned.value.ops) : planned;
    const id = this.piece?.id;
    if (!applied.ok || id === undefined) return null;
    const next = layOutRun(applied.value, layout.catalogue, layout.rules, layout.facts);
    return findPiece(next, id)?.cut?.onTape.length ?? null;
  }
}
