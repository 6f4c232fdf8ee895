import { toWait } from './waits.ts';
import type { RunDoc } from '#core/runs/document';
import {
  keyOf,
  keysOf,
  makeKeys,
  type KeptRun,
  type OutboxEntry,
  type WaitingEntry,
} from './device-database.ts';
import { arrangeWaiting } from './arrange-waiting.ts';
import { mergeShelves } from './merge-shelves.ts';
import {
  confirmEntry,
  dropFromOutbox,
  isAsFar,
  joinKept,
  keepRun,
  moveOn,
  putInOutbox,
  readKept,
  rebase,
  repairKept,
  settleOutbox,
} from './outbox.ts';
import { TurnQueue } from './turn-queue.ts';

/** Milliseconds after which a device that would not keep something is asked again. */
const AGAIN = toWait(4000);

/**
 * What is kept of a run: in this window at once, on this device as soon as it takes it. A device that refuses (full, private, its
 * data wiped) is asked again; meanwhile all of it stays in the window, in its order, and nothing is kept that rests on what is not.
 */
export class RunShelf {
  readonly #run: string;
  readonly #hear: { readonly changed: () => void; readonly asked: () => void };
  /** As the server last confirmed it. */
  kept = $state.raw<KeptRun | null>(null);
  /** The same with what waits on top. */
  doc = $state.raw<RunDoc | null>(null);
  /** What the server has not confirmed, in the order in which it was made. */
  waiting = $state.raw<readonly WaitingEntry[]>([]);
  aside = $state.raw<readonly WaitingEntry[]>([]);
  /** Whether the device refused what was last asked of it. */
  refused = $state(false);
  /** Entries that this device has not taken yet. */
  unkept = $derived(this.waiting.filter(({ place }) => place === null).length);

  /** What is done with the device's database, one after another. */
  readonly #turns = new TurnQueue();
  /** A reading of it that has not begun yet. */
  #reading: Promise<void> | null = null;
  #keeping = false;
  #made: string | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #closed = false;
  /** What the server has confirmed here, though the device would not hear of it yet. */
  readonly #confirmed = makeKeys();
  /** Whether the device lags behind the window. */
  #isBehind = false;
  /** The run in sight is not what is kept and what waits. */
  #isOutdated = false;

  /** `changed`: the device has something new; `asked`: it was asked to keep what was made here, and did or did not. */
  constructor(run: string, hear: { readonly changed: () => void; readonly asked: () => void }) {
    this.#run = run;
    this.#hear = hear;
  }

  close(): void {
    this.#closed = true;
    clearTimeout(this.#timer);
  }

  /** Takes an entry into this window at once, and on to the device. `doc` is the run with it. */
  add(entry: OutboxEntry, doc: RunDoc | null = this.doc): void {
    this.doc = doc;
    this.waiting = [...this.waiting, { ...entry, place: null }];
    this.#keepAll();
  }

  /** Reads what the device has, in its turn. What is in the window only follows it. False when the device refuses. */
  async read(): Promise<boolean> {
    this.#reading ??= this.#turns.take(() => {
      this.#reading = null;
      return this.#merge();
    });
    return this.#reading.then(
      () => true,
      () => {
        this.#refuse();
        return false;
      },
    );
  }

  /** Waits until everything asked of the device so far has been done, or refused. */
  settled(): Promise<void> {
    return this.#turns.take(() => Promise.resolve());
  }

  /** Takes the server's answer, unless this device has come further since it was asked for (`known`): then false. */
  async takeAnswer(answer: KeptRun, known: KeptRun | null): Promise<boolean> {
    return this.#turns.take(async () => {
      if (this.waiting.length > 0 || !isAsFar(this.kept, known)) return false;
      try {
        if (!(await keepRun(answer, known))) {
          await this.#merge();
          return false;
        }
        this.#hear.changed();
        if (this.waiting.length === 0) this.#put(answer, []);
        await this.#merge();
        return true;
      } catch {
        this.#refuse();
        if (this.waiting.length > 0 || !isAsFar(this.kept, known)) return false;
        this.#isBehind = true;
        this.#put(answer, []);
        return true;
      }
    });
  }

  /**
   * Takes the server's run as what everything here rests on, where this device has lost that: what waits goes on top of it as far
   * as it fits.
   */
  async takeBase(answer: KeptRun): Promise<void> {
    await this.#turns.take(async () => {
      if (this.kept) return;
      this.#put(answer, this.waiting);
      this.#isBehind = true;
      await this.#repair().catch(() => this.#refuse());
    });
  }

  /** An entry is on the server: it waits no more, whatever the device says to that. False where the run must be asked for anew. */
  async confirm(entry: WaitingEntry, revision: number | null, atServer: string): Promise<boolean> {
    return this.#turns.take(async () => {
      const key = keyOf(entry);
      const there = this.waiting.find((each) => keyOf(each) === key) ?? entry;
      this.#confirmed.add(key);
      const left = this.waiting.filter((each) => keyOf(each) !== key);
      const moved = this.kept && moveOn(this.kept, entry, revision, atServer);
      // What is in sight has it already, where it was the next to go on the run. Where another window settled meanwhile, and it
      // waited no more when the server took it, the run is put together anew.
      const next = this.waiting.find(({ kind }) => kind === 'change');
      const isInSight = entry.kind === 'event' || (next !== undefined && keyOf(next) === key);
      if (moved && isInSight) [this.kept, this.waiting] = [moved, left];
      else this.#put(moved ?? this.kept, left);
      try {
        await confirmEntry(there, revision, atServer);
        this.#hear.changed();
        await this.#merge();
      } catch {
        this.#isBehind = true;
        this.#refuse();
      }
      return moved !== null;
    });
  }

  /** Ends a conflict: what waits goes on top of the server's run, or its changes are dropped. */
  async settle(server: KeptRun, how: 'mine-on-top' | 'theirs'): Promise<void> {
    await this.#turns.take(async () => {
      const revision = how === 'theirs' ? null : server.revision;
      try {
        const mine = this.waiting.filter(({ place }) => place === null);
        await settleOutbox(server, how, mine);
        [this.waiting, this.aside] = [[], []];
        // The run in sight has what was dropped: it is put together anew, whichever run the device has.
        this.#isOutdated = true;
        await this.#merge();
        this.#hear.changed();
      } catch {
        this.#refuse();
        this.#isBehind = true;
        const waiting = rebase(this.waiting, revision).map((entry) => ({ ...entry, place: null }));
        this.aside = [];
        this.#put(joinKept(server, this.kept), waiting);
      }
    });
  }

  /** Lets go of what was set aside. */
  async dropAside(): Promise<void> {
    await this.#turns.take(async () => {
      const { aside } = this;
      for (const entry of aside) this.#confirmed.add(keyOf(entry));
      this.aside = [];
      await dropFromOutbox(aside).catch(() => this.#refuse());
    });
  }

  /** Puts on the device, in order, what is in the window only; stops at the first that is refused. */
  #keepAll(): void {
    if (this.#keeping) return;
    this.#keeping = true;
    void this.#turns.take(async () => {
      try {
        await this.#repair();
        for (;;) {
          const next = this.waiting.find(({ place }) => place === null);
          if (!next) break;
          const placed = await putInOutbox(next, this.#made);
          if (!placed) {
            await this.#merge();
            continue;
          }
          this.waiting = this.waiting.map((each) =>
            keyOf(each) === keyOf(placed) ? { ...each, place: placed.place } : each,
          );
        }
        this.refused = false;
        this.#hear.changed();
      } catch {
        this.#refuse();
      } finally {
        this.#keeping = false;
        this.#hear.asked();
      }
    });
  }

  #refuse(): void {
    this.refused = true;
    clearTimeout(this.#timer);
    if (!this.#closed) this.#timer = setTimeout(() => this.#keepAll(), AGAIN);
  }

  /** The device's database and this window put together; done in a turn. */
  async #merge(): Promise<void> {
    const device = await readKept(this.#run);
    const isWiped = this.#made !== null && device.made !== this.#made;
    this.#made = device.made;
    if (isWiped) this.#isBehind = true;
    if (device.waiting.some((entry) => this.#confirmed.has(keyOf(entry)))) this.#isBehind = true;
    await this.#repair().catch(() => this.#refuse());
    const kept = device.kept && (await this.#readDevices(device.kept));
    // From here on nothing is waited for: what is made in this window meanwhile is in it.
    const mine = [...this.waiting, ...this.aside.filter(({ place }) => place === null)];
    const memory = { kept: this.kept, waiting: mine, confirmed: this.#confirmed };
    const merged = mergeShelves(memory, { ...device, kept }, isWiped);
    this.#put(merged.kept, merged.waiting);
    if (isWiped || this.unkept > 0) this.#keepAll();
  }

  /** Brings a device that lags behind the window up to it. */
  async #repair(): Promise<void> {
    if (!this.#isBehind || !this.kept) return;
    await repairKept(this.kept, this.#confirmed);
    this.#isBehind = false;
  }

  /** A run as the device has it; null where it cannot be read: then the server's is asked for, and what waits here stays. */
  async #readDevices(kept: KeptRun): Promise<KeptRun | null> {
    if (kept.revision === this.kept?.revision) return kept;
    const { readKeptDoc } = await import('./read-answers.ts');
    const read = readKeptDoc(kept.doc);
    return read.ok ? { ...kept, doc: read.value } : null;
  }

  /** Nothing but what is in sight already is not put there anew. */
  #put(kept: KeptRun | null, waiting: readonly WaitingEntry[]): void {
    if (!kept) {
      this.waiting = waiting;
      return;
    }
    const known = keysOf(waiting);
    const stillAside = this.aside.filter((entry) => !known.has(keyOf(entry)));
    const arranged = arrangeWaiting(kept, [...waiting, ...stillAside]);
    const isSame =
      !this.#isOutdated &&
      kept.revision === this.kept?.revision &&
      isSameList(arranged.waiting, this.waiting);
    this.#isOutdated = false;
    if (!isAsFar(kept, this.kept)) this.kept = kept;
    if (!isSame || !this.doc) [this.waiting, this.doc] = [arranged.waiting, arranged.doc];
    if (arranged.aside.length + this.aside.length > 0) this.aside = arranged.aside;
  }
}

const isSameList = (a: readonly WaitingEntry[], b: readonly WaitingEntry[]): boolean =>
  a.length === b.length &&
  a.every(
    (entry, i) =>
      keyOf(entry) === keyOf(b[i]!) && entry.place === b[i]!.place && baseOf(entry) === baseOf(b[i]!),
  );

const baseOf = (entry: OutboxEntry): number | null => (entry.kind === 'change' ? entry.change.base : null);
