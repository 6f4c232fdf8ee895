import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { resolveRules } from '#core/house-rules/house-rules.ts';
import { LIMITS } from '#core/formats/limits.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import { applyOps, type Change, type PlannedChange } from '#core/runs/change.ts';
import { checkRun } from '#core/runs/checks/checks.ts';
import type { RunEvent } from '#core/runs/event.ts';
import { foldEvents, NO_FACTS } from '#core/runs/fold-events.ts';
import { findFinish, type Job, type JobMilestone } from '#core/runs/job.ts';
import { layOutRun } from '#core/runs/lay-out-run.ts';
import type { RunDoc } from '#core/runs/run.ts';
import type { Refusal } from '#words/refusals.ts';
import { isPassing } from './ask-server.ts';
import { bench } from './bench.svelte.ts';
import { openDeviceDatabase, type KeptRun, type OutboxEntry, type PlacedEntry } from './device-database.ts';
import { DeviceWindows } from './device-windows.ts';
import { getNow } from './get-now.ts';
import { newId } from './new-id.ts';
import {
  applyWaiting,
  confirmEntry,
  getChanges,
  isAsFar,
  keepRun,
  putInOutbox,
  readKept,
  settleOutbox,
} from './outbox.ts';
import { isOver, makeConflict, type Conflict } from './run-conflict.ts';
import { RunSteps } from './run-steps.svelte.ts';
import { fetchRun, sendCopy, sendEntry, toKeptRun } from './run-sync.ts';
import { TurnQueue } from './turn-queue.ts';

/** The place of an entry that is not safe on this device yet. */
const BEING_KEPT = Number.MAX_SAFE_INTEGER;
/** Milliseconds between tries while the server is away. */
const RETRY = 2500;

/**
 * A run on this device: the document with everything done here applied at once, kept in the device's own database,
 * and sent to the server one entry after another. Screens read this; nothing on them waits for the network.
 */
export class RunStore {
  readonly job: string;
  readonly run: string;
  phase = $state<'opening' | 'ready' | 'refused'>('opening');
  trouble = $state.raw<Refusal | null>(null);
  details = $state.raw<Job | null>(null);
  kept = $state.raw<KeptRun | null>(null);
  waiting = $state.raw<readonly PlacedEntry[]>([]);
  doc = $state.raw<RunDoc | null>(null);
  /** Changes made but not yet safe on this device. */
  keeping = $state(0);
  conflict = $state.raw<Conflict | null>(null);
  readonly steps: RunSteps;

  events = $derived<readonly RunEvent[]>([
    ...(this.kept?.events ?? []),
    ...this.waiting.flatMap((entry) => (entry.kind === 'event' ? [entry.event] : [])),
  ]);
  /** What holds the job finished: then nothing of it is changed. Null while it is open. */
  finish = $derived.by((): JobMilestone | null => this.details && findFinish(this.details));
  rules = $derived(resolveRules(this.doc?.ruleChoices ?? {}));
  /** The same facts for the same events: an edit on its way to the server passes through here several times. */
  #facts = { key: '', facts: NO_FACTS };
  facts = $derived.by(() => {
    const key = this.events.map(({ id }) => id).join(' ');
    if (key !== this.#facts.key) this.#facts = { key, facts: foldEvents(this.events) };
    return this.#facts.facts;
  });
  layout = $derived(this.doc && layOutRun(this.doc, standardCatalogue, this.rules, this.facts));
  findings = $derived(this.layout ? checkRun(this.layout) : []);

  #sending = false;
  #timer: ReturnType<typeof setTimeout> | null = null;
  #windows: DeviceWindows | null = null;
  /** What is done with the device's database, one after another. */
  readonly #turns = new TurnQueue();
  /** A reading of it that has not begun yet. */
  #reading: Promise<void> | null = null;
  #closed = false;
  /** Events the server would not take: kept and said, but they do not hold up what follows. */
  #refusedEvents: number[] = [];

  constructor(job: string, run: string) {
    this.job = job;
    this.run = run;
    this.steps = new RunSteps(run, () => this.revision);
  }

  /** Reads what this device keeps, then asks the server. Either alone is enough to work with. */
  async open(): Promise<void> {
    this.#windows = new DeviceWindows(this.run, () => this.#onChangedElsewhere(), this.#wake);
    try {
      await this.#readDevice();
    } catch {
      this.trouble = { code: 'device-store-refused' };
      this.phase = 'refused';
      return;
    }
    await this.#remember();
    if (this.phase === 'ready') await this.steps.remember();
    await this.refresh();
  }

  close(): void {
    this.#closed = true;
    this.#windows?.close();
    if (this.#timer) clearTimeout(this.#timer);
  }

  /** Does a planned change at once, keeps it on this device, and sends it. */
  apply(planned: PlannedChange): Result<void, Refusal> {
    if (planned.ops.length === 0) return accept(undefined);
    const result = this.#apply(planned);
    if (result.ok) this.steps.add(planned);
    return result;
  }

  undo(): Result<void, Refusal> {
    return this.steps.undo((planned) => this.#apply(planned));
  }

  redo(): Result<void, Refusal> {
    return this.steps.redo((planned) => this.#apply(planned));
  }

  /** Records something that happened at the bench. */
  record(event: RunEvent): void {
    this.#keep({ run: this.run, job: this.job, kind: 'event', event });
  }

  /** The revision a change made now would be based on. */
  get revision(): number {
    return (this.kept?.revision ?? 0) + getChanges(this.waiting).length;
  }

  #apply({ label, ops }: PlannedChange): Result<void, Refusal> {
    if (!this.doc) return refuse({ code: 'run-unknown', run: this.run });
    if (this.finish) return refuse({ code: 'job-finished', by: this.finish.by, at: this.finish.at });
    const applied = applyOps(this.doc, ops);
    if (!applied.ok) return applied;
    const at = getNow();
    const change: Change = { id: newId(), base: this.revision, by: bench.signature, at, label, ops };
    this.doc = applied.value;
    this.#keep({ run: this.run, job: this.job, kind: 'change', change });
    return accept(undefined);
  }

  /** One entry after another, so that their places follow the order in which they were made. */
  #keep(entry: OutboxEntry): void {
    this.keeping++;
    const placeholder: PlacedEntry = { ...entry, place: BEING_KEPT };
    this.waiting = [...this.waiting, placeholder];
    void this.#turns.take(async () => {
      try {
        const placed = await putInOutbox(entry);
        this.waiting = this.waiting.map((each) => (each === placeholder ? placed : each));
        this.keeping--;
        this.#windows?.tell();
        void this.#send();
      } catch {
        this.trouble = { code: 'device-store-refused' };
      }
    });
  }

  /** Reads what this device keeps. In its turn: what is being kept meanwhile is surely not in it yet, and follows it. */
  #readDevice(): Promise<void> {
    return (this.#reading ??= this.#turns.take(async () => {
      this.#reading = null;
      const { kept, waiting } = await readKept(this.run);
      if (!kept) return;
      const { readKeptDoc } = await import('./read-answers.ts');
      const read = readKeptDoc(kept.doc);
      if (read.ok) this.#show({ ...kept, doc: read.value }, waiting);
      else this.trouble = read.refusal;
    }));
  }

  /** What the device remembers of the job, until the server says it anew. */
  async #remember(): Promise<void> {
    const job = await (await openDeviceDatabase()).get('jobs', this.job);
    if (job && !this.details) this.details = job;
  }

  #show(kept: KeptRun, waiting: readonly PlacedEntry[]): void {
    this.kept = kept;
    this.waiting = [...waiting, ...this.waiting.filter(({ place }) => place === BEING_KEPT)];
    this.doc = applyWaiting(kept.doc, getChanges(this.waiting)).doc;
    this.phase = 'ready';
  }

  /** Asks the server for the run, and takes it unless something made here still waits. */
  async refresh(): Promise<void> {
    const known = this.kept;
    const answer = await fetchRun(this.job, this.run);
    if (this.#closed) return;
    if (!answer.ok) {
      this.trouble = answer.refusal;
      if (this.phase === 'opening') this.phase = 'refused';
      if (isPassing(answer.refusal)) this.#retryLater();
      return;
    }
    this.details = answer.value.job;
    this.trouble = null;
    if (this.waiting.length === 0) {
      const kept = toKeptRun(answer.value);
      if (isAsFar(kept, this.kept)) this.phase = 'ready';
      else await this.#takeAnswer(kept, known);
    }
    void this.#send();
  }

  /** Takes the server's answer, unless the device has come further since it was asked for; then asks once more. */
  async #takeAnswer(answer: KeptRun, known: KeptRun | null): Promise<void> {
    if (await keepRun(answer, known)) this.#windows?.tell();
    else this.#retryLater();
    await this.#readDevice();
  }

  async #send(): Promise<void> {
    if (this.#sending || this.#closed || this.conflict || this.finish) return;
    this.#sending = true;
    try {
      for (;;) {
        const entry = this.waiting.find((each) => !this.#refusedEvents.includes(each.place));
        if (!entry || entry.place === BEING_KEPT || this.#closed) return;
        const sent = await sendEntry(entry);
        if (!sent.ok) {
          // What was made here before the job was finished elsewhere waits for it to be opened again.
          if (sent.refusal.code === 'job-finished') {
            void this.refresh();
            return;
          }
          if (entry.kind === 'event' && !isPassing(sent.refusal)) {
            this.#refusedEvents.push(entry.place);
            this.trouble = sent.refusal;
            continue;
          }
          await this.#onRefused(entry, sent.refusal);
          return;
        }
        await this.#onConfirmed(entry, sent.value.revision, sent.value.atServer);
      }
    } finally {
      this.#sending = false;
    }
  }

  async #onConfirmed(entry: PlacedEntry, revision: number | null, atServer: string): Promise<void> {
    await confirmEntry(entry, revision, atServer);
    this.trouble = null;
    await this.#turns.take(async () => {
      const { kept, waiting } = await readKept(this.run);
      if (!kept) return;
      const left = this.waiting.filter(({ place }) => place !== entry.place);
      const isAsExpected =
        kept.revision === (this.kept?.revision ?? 0) + (entry.kind === 'change' ? 1 : 0) &&
        (revision === null || kept.revision === revision) &&
        isSameList(
          waiting,
          left.filter(({ place }) => place !== BEING_KEPT),
        );
      // Nothing but this was confirmed: the run in sight is what it was, and is not laid out anew.
      if (isAsExpected) [this.kept, this.waiting] = [kept, left];
      else this.#show(kept, waiting);
    });
    this.#windows?.tell();
  }

  async #onRefused(entry: PlacedEntry, refusal: Refusal): Promise<void> {
    if (isPassing(refusal)) {
      this.trouble = refusal;
      this.#retryLater();
      return;
    }
    const server = await fetchRun(this.job, this.run);
    if (!server.ok) {
      this.trouble = server.refusal;
      if (isPassing(server.refusal)) this.#retryLater();
      return;
    }
    // Another window settled it meanwhile: what was refused no longer waits.
    if (!this.waiting.some(({ place }) => place === entry.place)) {
      this.#retryLater();
      return;
    }
    this.trouble = refusal;
    this.conflict = makeConflict(server.value, refusal, this.waiting);
  }

  /** Ends a conflict by keeping this device's run as another run of the job; gives its id. Nothing is lost. */
  async settleAsCopy(): Promise<Result<string, Refusal>> {
    await this.#turns.take(() => Promise.resolve());
    if (!this.doc) return refuse({ code: 'run-unknown', run: this.run });
    const name = `${this.kept?.name ?? 'Run'} (kept from this device)`.slice(0, LIMITS.name);
    const copied = await sendCopy(this.job, this.doc, name, bench.signature);
    if (copied.ok) await this.settle('theirs');
    return copied;
  }

  /** Ends a conflict: mine on top of theirs, or theirs alone. Events are facts and stay in either case. */
  settle(how: 'mine-on-top' | 'theirs'): Promise<void> {
    return this.#turns.take(async () => {
      if (!this.conflict) return;
      await settleOutbox(toKeptRun(this.conflict.server), how);
      const { kept, waiting } = await readKept(this.run);
      if (kept) this.#endConflict(kept, waiting);
      this.#windows?.tell();
    });
  }

  #endConflict(kept: KeptRun, waiting: readonly PlacedEntry[]): void {
    [this.conflict, this.trouble] = [null, null];
    this.steps.forget();
    this.#show(kept, waiting);
    void this.#send();
  }

  #wake = (): void => {
    if (this.waiting.length > 0 && !this.finish) void this.#send();
    else if (this.phase !== 'opening') void this.refresh();
  };

  #retryLater(): void {
    if (this.#timer) clearTimeout(this.#timer);
    if (!this.#closed) this.#timer = setTimeout(this.#wake, RETRY);
  }

  /** Another window did something with the device's database: it is shown here too. */
  #onChangedElsewhere(): void {
    if (this.#closed) return;
    void (this.conflict ? this.#lookWhetherSettled() : this.#readDevice()).catch(() => undefined);
  }

  #lookWhetherSettled(): Promise<void> {
    return this.#turns.take(async () => {
      const { kept, waiting } = await readKept(this.run);
      if (kept && this.conflict && isOver(this.conflict, waiting)) this.#endConflict(kept, waiting);
    });
  }
}

const isSameList = (a: readonly PlacedEntry[], b: readonly PlacedEntry[]): boolean =>
  a.length === b.length && a.every(({ place }, i) => place === b[i]!.place);
