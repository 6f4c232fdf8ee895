import { toWait } from './waits.ts';
import type { Refusal } from '#words/refusals.ts';
import { isAboutWhatWasSent } from './ask-server.ts';
import { openDeviceDatabase } from './device-database.ts';
import { confirmEntry, readKept } from './outbox.ts';
import { sendEntry } from './run-sync.ts';

/** Milliseconds after which what could not be sent is tried again. */
const AGAIN = toWait(5000);

/** A run of which something made here waits on this device. */
export interface WaitingRun {
  readonly job: string;
  readonly run: string;
  readonly name: string;
  /** What its job is called; null where this device does not remember it. */
  readonly jobName: string | null;
  readonly count: number;
  /** Why the server does not take it: the run has to be opened to settle that. Null while it is being sent, or waits for the server. */
  readonly refusal: Refusal | null;
}

/** What waits on this device, of every run: it is sent whether or not its run is open. A run that is open sends too, and what is sent twice is kept once. */
export class WaitingWork {
  runs = $state.raw<readonly WaitingRun[]>([]);
  #timer: ReturnType<typeof setTimeout> | undefined;
  #isStopped = false;

  /** Sends what waits, now and until nothing does. */
  async start(): Promise<void> {
    try {
      this.runs = await listWaiting();
      for (const { run } of this.runs) {
        if (!(await this.#sendRun(run))) break;
      }
    } catch {
      // A browser that keeps nothing has nothing that waits.
      return;
    }
    const isLeft = this.runs.some(({ refusal }) => refusal === null);
    if (isLeft && !this.#isStopped) this.#timer = setTimeout(() => void this.start(), AGAIN);
  }

  stop(): void {
    this.#isStopped = true;
    clearTimeout(this.#timer);
  }

  /** Sends what waits of a run, in order; false where the server is away. */
  async #sendRun(run: string): Promise<boolean> {
    const { waiting } = await readKept(run);
    for (const [i, entry] of waiting.entries()) {
      if (this.#isStopped) return false;
      const sent = await sendEntry(entry);
      if (!sent.ok) {
        const isRefused = isAboutWhatWasSent(sent.refusal);
        this.#say(run, waiting.length - i, isRefused ? sent.refusal : null);
        return isRefused;
      }
      await confirmEntry(entry, sent.value.revision, sent.value.atServer);
      this.#say(run, waiting.length - i - 1, null);
    }
    return true;
  }

  #say(run: string, count: number, refusal: Refusal | null): void {
    this.runs = this.runs.flatMap((each) =>
      each.run !== run ? [each] : count === 0 ? [] : [{ ...each, count, refusal }],
    );
  }
}

async function listWaiting(): Promise<WaitingRun[]> {
  const tx = (await openDeviceDatabase()).transaction(['outbox', 'runs', 'jobs']);
  const counts: Record<string, { readonly job: string; readonly count: number }> = {};
  for (const { job, run } of await tx.objectStore('outbox').getAll())
    counts[run] = { job, count: (counts[run]?.count ?? 0) + 1 };
  const runs: WaitingRun[] = [];
  for (const [run, { job, count }] of Object.entries(counts)) {
    const name = (await tx.objectStore('runs').get(run))?.name ?? 'Run';
    const jobName = (await tx.objectStore('jobs').get(job))?.name ?? null;
    runs.push({ job, run, name, jobName, count, refusal: null });
  }
  return runs;
}
