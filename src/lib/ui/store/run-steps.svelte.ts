import { carryUpOps } from '#core/formats';
import { accept, type Result } from '#core/outcome';
import { invertOps, type PlannedChange } from '#core/runs/changes';
import type { Refusal } from '#words/refusals.ts';
import { openDeviceDatabase, type KeptSteps } from './device-database.ts';

/** Steps that are kept over a reload. */
const MOST = 100;
/** Kept so many milliseconds later, so that no key waits for it. */
const LATER = 150;

type Apply = (planned: PlannedChange) => Result<void, Refusal>;

/** The steps made in a run here, to take back and to do again. They outlive the page. */
export class RunSteps {
  done = $state.raw<readonly PlannedChange[]>([]);
  undone = $state.raw<readonly PlannedChange[]>([]);
  readonly #run: string;
  readonly #getRevision: () => number;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(run: string, getRevision: () => number) {
    this.#run = run;
    this.#getRevision = getRevision;
  }

  /** A step was made: what had been taken back before it cannot be done again. */
  add(planned: PlannedChange): void {
    this.#set([...this.done, planned], []);
  }

  /** Takes the last step back: its inverse is applied as a change of its own. */
  undo(apply: Apply): Result<void, Refusal> {
    const last = this.done.at(-1);
    if (!last) return accept(undefined);
    const result = apply({ label: { ...last.label, turn: 'undo' }, ops: invertOps(last.ops) });
    if (result.ok) this.#set(this.done.slice(0, -1), [...this.undone, last]);
    return result;
  }

  redo(apply: Apply): Result<void, Refusal> {
    const last = this.undone.at(-1);
    if (!last) return accept(undefined);
    const result = apply({ label: { ...last.label, turn: 'redo' }, ops: last.ops });
    if (result.ok) this.#set([...this.done, last], this.undone.slice(0, -1));
    return result;
  }

  /** After the run was replaced by another state of it no step fits any more. */
  forget(): void {
    [this.done, this.undone] = [[], []];
  }

  /** Takes the steps kept on this device, if the run is still where they were made. */
  async remember(): Promise<void> {
    const kept = await (await openDeviceDatabase()).get('turns', this.#run);
    if (kept?.revision !== this.#getRevision() || this.done.length > 0) return;
    const carry = (steps: readonly PlannedChange[]) =>
      steps.map((step) => ({ ...step, ops: carryUpOps(step.ops) }));
    [this.done, this.undone] = [carry(kept.done), carry(kept.undone)];
  }

  #set(done: readonly PlannedChange[], undone: readonly PlannedChange[]): void {
    [this.done, this.undone] = [done, undone];
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#keep().catch(() => undefined), LATER);
  }

  async #keep(): Promise<void> {
    const [done, undone] = [this.done.slice(-MOST), this.undone.slice(-MOST)];
    const kept: KeptSteps = { run: this.#run, revision: this.#getRevision(), done, undone };
    await (await openDeviceDatabase()).put('turns', kept);
  }
}
