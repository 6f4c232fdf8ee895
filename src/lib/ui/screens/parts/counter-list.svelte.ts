import type { CounterLine } from '#core/formats';
import type { Refusal } from '#words/refusals.ts';
import { loadModule } from '../../store/load-module.ts';

const KEY = 'porthole-counter-list';

/** What is to be asked for at the counter. It is this device's, of all its windows: it is read there, with a thumb. */
class CounterList {
  lines = $state.raw<readonly CounterLine[]>([]);
  /** Whether the list could not be kept: then it is as long as this page is open. */
  isLoose = $state(false);
  /** Why the list of this device could not be read; nothing is written over it then. */
  trouble = $state.raw<Refusal | null>(null);
  #read: ((text: string | null) => readonly CounterLine[]) | null = null;
  #opening: Promise<void> | null = null;

  /** Takes what this device has kept, and what another window makes of it. */
  async adopt(): Promise<void> {
    if (this.#read) return;
    this.#opening ??= this.#open();
    await this.#opening;
    this.#opening = null;
  }

  async #open(): Promise<void> {
    const reader = await loadModule(() => import('./read-counter-list.ts'));
    this.trouble = reader.ok ? null : reader.refusal;
    if (!reader.ok) return;
    this.#read = reader.value.readCounterList;
    window.addEventListener('storage', ({ key }) => {
      if (key === KEY || key === null) this.#takeKept();
    });
    this.#takeKept();
  }

  #takeKept(): void {
    if (this.isLoose || !this.#read) return;
    try {
      this.lines = this.#read(localStorage.getItem(KEY));
    } catch {
      this.isLoose = true;
    }
  }

  /** Adds parts; one that is on the list is wanted so many times more. */
  async add(
    wanted: readonly (Pick<CounterLine, 'part' | 'name'> & { readonly count?: number })[],
  ): Promise<void> {
    await this.adopt();
    this.#edit((kept) => {
      let lines = [...kept];
      for (const { part, name, count = 1 } of wanted) {
        const at = lines.findIndex((line) => line.part === part && !line.isTicked);
        if (at >= 0) lines = lines.with(at, { ...lines[at]!, count: lines[at]!.count + count });
        else lines.push({ part, name, count, isTicked: false });
      }
      return lines;
    });
  }

  /** Changes a line as it is shown: found again by what it is, since another window may have moved it. */
  change(at: number, more: (line: CounterLine) => Partial<CounterLine>): void {
    this.#editLine(at, (line) => [{ ...line, ...more(line) }]);
  }

  take(at: number): void {
    this.#editLine(at, () => []);
  }

  clearTicked(): void {
    this.#edit((kept) => kept.filter(({ isTicked }) => !isTicked));
  }

  #editLine(at: number, make: (line: CounterLine) => readonly CounterLine[]): void {
    const shown = this.lines[at];
    const isIt = (line: CounterLine): boolean =>
      line.part === shown?.part && line.isTicked === shown.isTicked;
    const which = this.lines.slice(0, at).filter(isIt).length;
    this.#edit((kept) => {
      let met = 0;
      return kept.flatMap((line) => (isIt(line) && met++ === which ? make(line) : [line]));
    });
  }

  /** Every edit is put into what is kept by now, so that two windows do not undo one another. */
  #edit(make: (kept: readonly CounterLine[]) => readonly CounterLine[]): void {
    if (!this.#read) return;
    this.#takeKept();
    this.lines = make(this.lines);
    try {
      localStorage.setItem(KEY, JSON.stringify(this.lines));
      this.isLoose = false;
    } catch {
      this.isLoose = true;
    }
  }
}

export const counterList = new CounterList();
