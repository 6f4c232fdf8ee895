import type { JobInput } from '#core/formats';
import { isSameJson, type Json, accept, type Result } from '#core/outcome';
import type { Job } from '#core/jobs';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';
import { openDeviceDatabase } from './device-database.ts';
import { readAnswer } from './load-module.ts';
import { beginRun, pathOf, toJobInput, withCount } from './job-store.svelte.ts';

/** Jobs that this device remembers for when the server is away. */
const REMEMBERED = 300;

/**
 * The jobs of the crew, the newest first: what this device remembers at once, what the server says as soon as it answers, a page
 * at a time.
 */
export class JobsStore {
  jobs = $state.raw<readonly Job[] | null>(null);
  trouble = $state.raw<Refusal | null>(null);
  /** The job after which the next page begins; null when all are in sight. */
  next = $state.raw<string | null>(null);
  /** Jobs the server holds that cannot be read: said, and the others are shown. */
  unread = $state.raw<readonly Refusal[]>([]);
  asking = $state(false);

  async load(): Promise<void> {
    const remembered = await remember();
    if (!this.jobs && remembered.length > 0) this.jobs = remembered;
    await this.#ask(null);
  }

  /** Brings the jobs that are older than those in sight. */
  async more(): Promise<void> {
    if (this.next !== null && !this.asking) await this.#ask(this.next);
  }

  async #ask(after: string | null): Promise<void> {
    this.asking = true;
    const answer = await askServer(
      'GET',
      after === null ? '/api/jobs' : `/api/jobs?after=${encodeURIComponent(after)}`,
    );
    const read = await readAnswer(
      answer,
      () => import('./read-answers.ts'),
      (reader, value) => reader.readJobsAnswer(value),
    );
    this.asking = false;
    this.trouble = read.ok ? null : read.refusal;
    if (!read.ok) return;
    const { jobs, next, unread } = read.value;
    this.jobs = after === null ? jobs : [...(this.jobs ?? []), ...jobs];
    this.unread = after === null ? unread : [...this.unread, ...unread];
    this.next = next;
    await keep(jobs, after === null && next === null);
  }

  /**
   * Opens a job with its first run, under the ids of its form: pressed again after an answer that was lost, it is the same job, with what the form
   * says by now.
   */
  async open(input: JobInput, run: string, ids: NewJobIds): Promise<Result<NewJobIds, Refusal>> {
    const opened = await askServer('POST', '/api/jobs', { id: ids.job, ...input });
    const kept = await readAnswer(
      !opened.ok && opened.refusal.code === 'id-taken' ? await askServer('GET', pathOf(ids.job)) : opened,
      () => import('./read-answers.ts'),
      (reader, value) => reader.readJobAnswer(value),
    );
    if (!kept.ok) return kept;
    const edit = { was: toJobInput(kept.value), wanted: input };
    const edited = isSame(edit) ? kept : await askServer('PUT', pathOf(ids.job), edit);
    if (!edited.ok) return edited;
    const begun = await beginRun(ids.job, run, ids.run);
    return begun.ok ? accept(ids) : begun;
  }
}

/** The ids that a job and its first run are opened under. */
export interface NewJobIds {
  readonly job: string;
  readonly run: string;
}

/** Whether a job says what is wanted of it already; in whatever order its people stand. */
const isSame = ({ was, wanted }: { readonly was: JobInput; readonly wanted: JobInput }): boolean =>
  isSameJson(arrange(was), arrange(wanted));
const arrange = (input: JobInput): Json => ({ ...input, people: [...input.people].sort() });

const newestFirst = (a: Job, b: Job): number =>
  b.createdAt.localeCompare(a.createdAt) || b.id.localeCompare(a.id);

async function remember(): Promise<Job[]> {
  try {
    return (await (await openDeviceDatabase()).getAll('jobs')).map(withCount).sort(newestFirst);
  } catch {
    return [];
  }
}

/** Remembers what the server said. `isAll`: what it did not say is not there any more. */
async function keep(jobs: readonly Job[], isAll: boolean): Promise<void> {
  try {
    const tx = (await openDeviceDatabase()).transaction('jobs', 'readwrite');
    if (isAll) await tx.store.clear();
    for (const job of jobs) await tx.store.put(job);
    const oldest = (await tx.store.getAll()).sort(newestFirst).slice(REMEMBERED);
    for (const { id } of oldest) await tx.store.delete(id);
    await tx.done;
  } catch {
    // The list is on the server; remembering it is a convenience.
  }
}
