import type { CounterLine } from '#core/formats/counter-list.schema.ts';

const KEY = 'porthole-counter-list';

/** What is to be asked for at the counter. It is this device's: it is read there, with a thumb. */
class CounterList {
  lines = $state.raw<readonly CounterLine[]>([]);
  #read: Promise<void> | null = null;

  /** Takes what this device has kept. */
  adopt(): Promise<void> {
    this.#read ??= import('./read-counter-list.ts').then(({ readCounterList }) => {
      let kept: string | null = null;
      try {
        kept = localStorage.getItem(KEY);
      } catch {
        // A browser that keeps nothing has kept nothing.
      }
      this.lines = readCounterList(kept);
    });
    return this.#read;
  }

  /** Adds parts; one that is on the list is wanted so many times more. */
  async add(
    wanted: readonly (Pick<CounterLine, 'part' | 'name'> & { readonly count?: number })[],
  ): Promise<void> {
    await this.adopt();
    let lines = [...this.lines];
    for (const { part, name, count = 1 } of wanted) {
      const at = lines.findIndex((line) => line.part === part && !line.isTicked);
      if (at >= 0) lines = lines.with(at, { ...lines[at]!, count: lines[at]!.count + count });
      else lines.push({ part, name, count, isTicked: false });
    }
    this.#set(lines);
  }

  change(at: number, more: Partial<CounterLine>): void {
    this.#set(this.lines.map((line, i) => (i === at ? { ...line, ...more } : line)));
  }

  take(at: number): void {
    this.#set(this.lines.filter((_, i) => i !== at));
  }

  clearTicked(): void {
    this.#set(this.lines.filter(({ isTicked }) => !isTicked));
  }

  #set(lines: readonly CounterLine[]): void {
    this.lines = lines;
    try {
      localStorage.setItem(KEY, JSON.stringify(lines));
    } catch {
      // A browser that keeps nothing shows the list as long as the page is open.
    }
  }
}

export const counterList = new CounterList();
