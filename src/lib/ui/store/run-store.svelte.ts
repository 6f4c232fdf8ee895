import { toWait } from './waits.ts';
import type { Catalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { findUnstorable } from '#core/formats';
import { LIMITS } from '#core/shapes';
import { accept, refuse, type Result } from '#core/outcome';
import {
  applyTried,
  type Change,
  type PlannedChange,
  type RunEvent,
  foldEvents,
  NO_FACTS,
} from '#core/runs/changes';
import { checkRun, getStanding } from '#core/checks';
import { findFullness, type RunDoc } from '#core/runs/document';
import { findFinish, type Job, type JobMilestone } from '#core/jobs';
import { drawThumbnail } from '#core/drawing';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import type { Refusal } from '#words/refusals.ts';
import { isAboutWhatWasSent, isPassing } from './ask-server.ts';
import { bench } from './bench.svelte.ts';
import { keyOf, makeKeys, type OutboxEntry, type WaitingEntry } from './device-database.ts';
import { DeviceWindows } from './device-windows.ts';
import { getNow } from './get-now.ts';
import { newId } from './new-id.ts';
import { rememberJob } from './job-store.svelte.ts';
import { getChanges, isAsFar } from './outbox.ts';
import { isOver, makeConflict, type Conflict } from './run-conflict.ts';
import { RunShelf } from './run-shelf.svelte.ts';
import { RunSteps } from './run-steps.svelte.ts';
import { keepStanding } from './standings.svelte.ts';
import { fetchRun, makeCopyIds, sendCopy, sendEntry, toKeptRun } from './run-sync.ts';

/** Milliseconds between tries while the server is away. */
const RETRY = toWait(2500);

/**
 * A run on this device: the document with everything done here applied at once, kept in the device's own database,
 * and sent to the server one entry after another. Screens read this; nothing on them waits for the network.
 */
export class RunStore {
  readonly job: string;
  readonly run: string;
  readonly catalogue: Catalogue;
  phase = $state<'opening' | 'ready' | 'refused'>('opening');
  /** What the server said no to, or that it is away. What this device says no to, the shelf knows. */
  trouble = $state.raw<Refusal | null>(null);
  details = $state.raw<Job | null>(null);
  /** What is kept here: in this window at once, on this device as soon as it takes it. */
  readonly shelf: RunShelf;
  conflict = $state.raw<Conflict | null>(null);
  readonly steps: RunSteps;

  kept = $derived.by(() => this.shelf.kept);
  doc = $derived.by(() => this.shelf.doc);
  waiting = $derived.by(() => this.shelf.waiting);
  /** What was made here and is safe neither on this device nor on the server. */
  unkept = $derived.by(() => this.shelf.unkept);
  events = $derived<readonly RunEvent[]>([
    ...(this.kept?.events ?? []),
    ...this.waiting.flatMap((entry) => (entry.kind === 'event' ? [entry.event] : [])),
  ]);
  /** What the run is called. */
  name = $derived.by(
    () => this.details?.runs.find(({ id }) => id === this.run)?.name ?? this.kept?.name ?? 'Run',
  );
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
  layout = $derived.by((): RunLayout | null => {
    const { doc, rules, facts } = this;
    if (doc === null) return null;
    // What an edit did not touch is taken over from the layout before it.
    this.#before = layOutRun(doc, this.catalogue, rules, facts, this.#before);
    return this.#before;
  });
  /** The gas of the job; null while the job is not known. */
  gas = $derived(this.details?.gas ?? null);
  findings = $derived(this.layout ? checkRun(this.layout, this.details) : []);

  #before: RunLayout | null = null;
  #sending = false;
  #timer: ReturnType<typeof setTimeout> | null = null;
  #windows: DeviceWindows | null = null;
  #closed = false;
  /** Events the server would not take: kept and said, but they do not hold up what follows. */
  readonly #refusedEvents = makeKeys();

  constructor(job: string, run: string, catalogue: Catalogue) {
    this.catalogue = catalogue;
    this.job = job;
    this.run = run;
    this.shelf = new RunShelf(run, {
      changed: () => this.#windows?.tell(),
      asked: () => void this.#send(),
    });
    this.steps = new RunSteps(run, () => this.revision);
  }

  /** Reads what this device keeps, then asks the server. Either alone is enough to work with. */
  async open(): Promise<void> {
    this.#windows = new DeviceWindows(this.run, () => void this.#onChangedElsewhere(), this.#wake);
    await this.#readDevice();
    this.details ??= await rememberJob(this.job);
    if (this.phase === 'ready') await this.steps.remember().catch(() => undefined);
    await this.refresh();
  }

  close(): void {
    this.#closed = true;
    this.rememberStanding();
    this.#windows?.close();
    this.shelf.close();
    if (this.#timer) clearTimeout(this.#timer);
  }

  /** Remembers on this device how far the run has come, for the page of its job. */
  rememberStanding(): void {
    const { layout, findings, revision, run } = this;
    if (layout)
      void keepStanding({
        run,
        revision,
        standing: getStanding(layout, findings),
        thumbnail: drawThumbnail(layout),
      });
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
    const applied = applyTried(this.doc, ops);
    if (!applied.ok) return applied;
    const unstorable = findUnstorable(ops, JSON.stringify(ops));
    if (unstorable) return refuse({ code: 'text-unstorable', path: unstorable.join('.') });
    const full = findFullness(applied.value, 1);
    if (full) return refuse({ code: 'run-full', of: full.of, most: full.most });
    const at = getNow();
    const change: Change = { id: newId(), base: this.revision, by: bench.signature, at, label, ops };
    this.#keep({ run: this.run, job: this.job, kind: 'change', change }, applied.value);
    return accept(undefined);
  }

  #keep(entry: OutboxEntry, doc?: RunDoc): void {
    this.shelf.add(entry, doc);
    // A device that refuses is not waited for.
    if (this.shelf.refused) void this.#send();
  }

  /** Reads what this device keeps. */
  async #readDevice(): Promise<void> {
    await this.shelf.read();
    if (this.doc) this.phase = 'ready';
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
      else if (!(await this.shelf.takeAnswer(kept, known))) this.#retryLater();
      if (this.doc) this.phase = 'ready';
    }
    void this.#send();
  }

  async #send(): Promise<void> {
    if (this.#sending || this.#closed || this.conflict || this.finish) return;
    this.#sending = true;
    try {
      for (;;) {
        const entry = this.waiting.find((each) => !this.#refusedEvents.has(keyOf(each)));
        // Being kept on this device: it is sent when that is done, or refused.
        if (!entry || (entry.place === null && !this.shelf.refused) || this.#closed) return;
        const sent = await sendEntry(entry);
        if (!sent.ok) {
          // What was made here before the job was finished elsewhere waits for it to be opened again.
          if (sent.refusal.code === 'job-finished') {
            void this.refresh();
            return;
          }
          if (entry.kind === 'event' && isAboutWhatWasSent(sent.refusal)) {
            this.#refusedEvents.add(keyOf(entry));
            this.trouble = sent.refusal;
            continue;
          }
          await this.#onRefused(entry, sent.refusal);
          return;
        }
        this.trouble = null;
        const follows = await this.shelf.confirm(entry, sent.value.revision, sent.value.atServer);
        if (!follows) this.#retryLater();
      }
    } finally {
      this.#sending = false;
    }
  }

  async #onRefused(entry: WaitingEntry, refusal: Refusal): Promise<void> {
    if (!isAboutWhatWasSent(refusal)) {
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
    if (!this.waiting.some((each) => keyOf(each) === keyOf(entry))) {
      this.#retryLater();
      return;
    }
    // This device lost what the change rests on: what still fits goes on top of the server's run, the rest is set aside.
    if (!this.kept) {
      await this.shelf.takeBase(toKeptRun(server.value));
      if (this.doc) this.phase = 'ready';
      this.#retryLater();
      return;
    }
    this.trouble = refusal;
    this.conflict = makeConflict(server.value, refusal, this.waiting);
  }

  /** Ends a conflict by keeping this device's run as another run of the job; gives its id. Nothing is lost. */
  async settleAsCopy(): Promise<Result<string, Refusal>> {
    await this.shelf.settled();
    const first = this.conflict?.mine[0]?.id;
    if (!this.doc || first === undefined) return refuse({ code: 'run-unknown', run: this.run });
    const name = `${this.kept?.name ?? 'Run'} (kept from this device)`.slice(0, LIMITS.name);
    const copied = await sendCopy(this.job, this.doc, name, bench.signature, makeCopyIds(first));
    if (copied.ok) await this.settle('theirs');
    return copied;
  }

  /** Ends a conflict: mine on top of theirs, or theirs alone. Events are facts and stay in either case. */
  async settle(how: 'mine-on-top' | 'theirs'): Promise<void> {
    if (!this.conflict) return;
    await this.shelf.settle(toKeptRun(this.conflict.server), how);
    this.#endConflict();
    this.#windows?.tell();
  }

  #endConflict(): void {
    [this.conflict, this.trouble] = [null, null];
    this.steps.forget();
    void this.#send();
  }

  #wake = (): void => {
    if (this.waiting.length > 0 && !this.finish) void this.#send();
    else void this.refresh();
  };

  #retryLater(): void {
    if (this.#timer) clearTimeout(this.#timer);
    if (!this.#closed) this.#timer = setTimeout(this.#wake, RETRY);
  }

  /** Another window did something with the device's database: it is shown here too. */
  async #onChangedElsewhere(): Promise<void> {
    if (this.#closed) return;
    await this.#readDevice();
    if (this.conflict && isOver(this.conflict, this.waiting)) this.#endConflict();
  }
}
