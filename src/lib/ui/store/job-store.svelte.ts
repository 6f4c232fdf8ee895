import { untrack } from 'svelte';
import type { JobEdit, JobInput, NewRunInput, MilestoneInput, UndoneAnswer } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import { pickDetails, type Job } from '#core/jobs';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';
import { openDeviceDatabase } from './device-database.ts';
import { getNow } from './get-now.ts';
import { readAnswer } from './load-module.ts';
import { newId } from './new-id.ts';
import { countWaiting } from './outbox.ts';

/** One job of the crew: what this device remembers of it at once, what the server says as soon as it answers. */
export class JobStore {
  job = $state.raw<Job | null>(null);
  trouble = $state.raw<Refusal | null>(null);
  asking = $state(true);
  /** How often the server was asked: of several answers under way only the last one asked for counts. */
  #asked = 0;

  async load(id: string): Promise<void> {
    this.asking = true;
    const turn = ++this.#asked;
    // Not followed by whoever asks: what is answered is no reason to ask again.
    if (untrack(() => this.job?.id) !== id) this.job = await rememberJob(id);
    const answer = await askServer('GET', pathOf(id));
    const read = await readAnswer(
      answer,
      () => import('./read-answers.ts'),
      (reader, value) => reader.readJobAnswer(value),
    );
    if (turn !== this.#asked) return;
    this.asking = false;
    this.trouble = read.ok ? null : read.refusal;
    if (!read.ok) return;
    this.job = read.value;
    await openDeviceDatabase()
      .then((database) => database.put('jobs', read.value))
      // The job is on the server; remembering it is a convenience.
      .catch(() => undefined);
  }

  /** Brings the runs that come after those in sight. */
  async moreRuns(): Promise<void> {
    const { job } = this;
    const last = job?.runs.at(-1);
    if (!job || !last) return;
    const answer = await askServer('GET', `${pathOf(job.id)}/runs?after=${encodeURIComponent(last.id)}`);
    const read = await readAnswer(
      answer,
      () => import('./read-answers.ts'),
      (reader, value) => reader.readRunsAnswer(value),
    );
    if (this.job !== job) return;
    this.trouble = read.ok ? null : read.refusal;
    if (read.ok) this.job = { ...job, runs: [...job.runs, ...read.value.runs] };
  }

  /** Changes what is said of a job. Where it was changed meanwhile it is read anew, so that an edit can rest on that. */
  async edit(id: string, edit: JobEdit): Promise<Result<void, Refusal>> {
    const answer = await askServer('PUT', pathOf(id), edit);
    if (answer.ok || answer.refusal.code === 'changed-elsewhere') await this.load(id);
    return answer.ok ? accept(undefined) : answer;
  }

  /** What is not done in a job, as the server sees it by now. */
  async askUndone(id: string): Promise<Result<UndoneAnswer, Refusal>> {
    const answer = await askServer('GET', `${pathOf(id)}/milestones`);
    return readAnswer(
      answer,
      () => import('./read-answers.ts'),
      (reader, value) => reader.readUndoneAnswer(value),
    );
  }

  /** Finishes a job, or opens it again for a reason. What is made here and not yet on the server goes first. */
  async passMilestone(id: string, input: Omit<MilestoneInput, 'id' | 'at'>): Promise<Result<void, Refusal>> {
    const waiting = await countWaiting(id).catch(() => 0);
    if (waiting > 0 && input.kind === 'finished') return refuse({ code: 'work-waiting', count: waiting });
    const milestone = { id: newId(), at: getNow(), ...input };
    const answer = await askServer('POST', `${pathOf(id)}/milestones`, milestone);
    if (!answer.ok) return answer;
    await this.load(id);
    return accept(undefined);
  }
}

/** Where the API has a job. */
export const pathOf = (id: string): string => `/api/jobs/${encodeURIComponent(id)}`;

/** What a form says of a job as it is. */
export const toJobInput = (job: Job): JobInput => ({
  ...pickDetails(job),
  people: job.people.map(({ name }) => name),
});

/**
 * Begins a run in a job, empty or at a specimen, under the id that its form has; gives the id. Pressed again after an answer that was lost, it is the
 * same run.
 */
export async function beginRun(
  job: string,
  name: string,
  id: string,
  specimen?: string,
): Promise<Result<string, Refusal>> {
  const input: NewRunInput = { id, name, ...(specimen === undefined ? {} : { specimen }) };
  const begun = await askServer('POST', `${pathOf(job)}/runs`, input);
  return begun.ok || begun.refusal.code === 'id-taken' ? accept(id) : begun;
}

/** One that was remembered by an older version does not say how many runs it has: those it has. */
export const withCount = (job: Omit<Job, 'runCount'> & { readonly runCount?: number }): Job => ({
  ...job,
  runCount: job.runCount ?? job.runs.length,
});

/** What this device remembers of a job; null where it has none, or keeps nothing. */
export async function rememberJob(id: string): Promise<Job | null> {
  try {
    const kept = await (await openDeviceDatabase()).get('jobs', id);
    return kept ? withCount(kept) : null;
  } catch {
    return null;
  }
}
