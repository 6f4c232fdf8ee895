import { planWriteRun } from '#core/runs/commands';
import { NO_FACTS } from '#core/runs/changes';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import type { RunDoc } from '#core/runs/document';
import { makeWrittenRun, readShorthand, type ShorthandProblem, writeShorthand } from '#core/shorthand';
import type { LengthUnit } from '#core/units';
import type { Refusal } from '#words/refusals.ts';
import { readSetting, writeSetting } from '../../store/bench.svelte.ts';
import { newId } from '../../store/new-id.ts';
import type { EntryStore } from '../lay-out/leg-entry.svelte.ts';

/** A run as it is being written in shorthand: the text, the run it says, and what is wrong with it. */
export class WrittenRun {
  readonly #store: EntryStore;
  /** What is written; null while it is the run as it stands. */
  #typed = $state<string | null>(null);
  refusal = $state.raw<Refusal | null>(null);

  unit = $derived.by((): LengthUnit => this.#store.details?.units ?? 'in');
  /** The run as it stands, in shorthand. */
  standing = $derived.by((): string => (this.#store.doc ? writeShorthand(this.#store.doc, this.unit) : ''));
  text = $derived.by((): string => this.#typed ?? this.standing);
  isChanged = $derived.by((): boolean => this.#typed !== null && this.#typed !== this.standing);
  read = $derived.by((): { doc: RunDoc; problems: readonly ShorthandProblem[] } | null => {
    const { doc } = this.#store;
    if (!doc) return null;
    if (!this.isChanged) return { doc, problems: [] };
    const { sentences, problems } = readShorthand(this.text, this.unit);
    const made = makeWrittenRun(sentences, doc, newId);
    const all = [...problems, ...made.problems].sort((a, b) => a.line - b.line);
    return { doc: made.doc, problems: all };
  });
  problems = $derived.by((): readonly ShorthandProblem[] => this.read?.problems ?? []);
  /** The run that is written, laid out; what cannot be read is not in it. */
  layout = $derived.by((): RunLayout | null =>
    this.read ? layOutRun(this.read.doc, this.#store.catalogue, this.#store.rules, NO_FACTS) : null,
  );
  canTake = $derived.by((): boolean => this.isChanged && this.problems.length === 0);

  constructor(store: EntryStore, run: string) {
    this.#store = store;
    this.#key = `porthole-written-${run}`;
    this.#typed = readSetting(this.#key) || null;
  }
  readonly #key: string;

  /** Takes what is in the editor; it is kept on this device until it is in the run. */
  write(text: string): void {
    if (text === this.text) return;
    this.refusal = null;
    this.#typed = text === this.standing ? null : text;
    writeSetting(this.#key, this.#typed ?? '');
  }

  /** Puts what is written into the run, as one change that can be undone. */
  take(): boolean {
    const { doc } = this.#store;
    if (!this.canTake || !this.read || !doc) return false;
    const result = this.#store.apply(planWriteRun(doc, this.read.doc));
    this.refusal = result.ok ? null : result.refusal;
    if (result.ok) this.letGo();
    return result.ok;
  }

  /** Back to the run as it stands. */
  letGo(): void {
    this.refusal = null;
    this.#typed = null;
    writeSetting(this.#key, '');
  }
}
