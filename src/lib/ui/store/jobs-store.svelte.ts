import type { JobInput, NewRunInput } from '#core/formats/job.schema.ts';
import type { MilestoneInput } from '#core/formats/milestone.schema.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Job } from '#core/runs/job.ts';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';
import { openDeviceDatabase } from './device-database.ts';
import { getNow } from './get-now.ts';
import { newId } from './new-id.ts';
import { countWaiting } from './outbox.ts';

/** The jobs of the crew: what this device remembers at once, what the server says as soon as it answers. */
export class JobsStore {
  jobs = $state.raw<readonly Job[] | null>(null);
  trouble = $state.raw<Refusal | null>(null);
  asking = $state(false);

  async load(): Promise<void> {
    this.asking = true;
    const remembered = await this.#remember();
    if (!this.jobs && remembered.length > 0) this.jobs = remembered;
    const answer = await askServer('GET', '/api/jobs');
    const { readJobsAnswer } = await import('./read-answers.ts');
    const read = answer.ok ? readJobsAnswer(answer.value) : answer;
    this.asking = false;
    this.trouble = read.ok ? null : read.refusal;
    if (!read.ok) return;
    this.jobs = read.value;
    await this.#keep(read.value);
  }

  find(id: string): Job | null {
    return this.jobs?.find((job) => job.id === id) ?? null;
  }

  /** Opens a job with its first run; gives the ids. */
  async open(input: JobInput, run: string): Promise<Result<{ job: string; run: string }, Refusal>> {
    const job = newId();
    const opened = await askServer('POST', '/api/jobs', { id: job, ...input });
    if (!opened.ok) return opened;
    const begun = await this.beginRun(job, run);
    return begun.ok ? accept({ job, run: begun.value }) : begun;
  }

  async edit(id: string, input: JobInput): Promise<Result<void, Refusal>> {
    const answer = await askServer('PUT', `/api/jobs/${id}`, input);
    if (!answer.ok) return answer;
    await this.load();
    return accept(undefined);
  }

  /** Finishes a job, or opens it again for a reason. What is made here and not yet on the server goes first. */
  async passMilestone(id: string, input: Omit<MilestoneInput, 'id' | 'at'>): Promise<Result<void, Refusal>> {
    const waiting = await countWaiting(id).catch(() => 0);
    if (waiting > 0 && input.kind === 'finished') return refuse({ code: 'work-waiting', count: waiting });
    const answer = await askServer('POST', `/api/jobs/${id}/milestones`, {
      id: newId(),
      at: getNow(),
      ...input,
    });
    if (!answer.ok) return answer;
    await this.load();
    return accept(undefined);
  }

  /** Begins a run in a job, empty or at a specimen; gives its id. */
  async beginRun(job: string, name: string, specimen?: string): Promise<Result<string, Refusal>> {
    const input: NewRunInput = { id: newId(), name, ...(specimen === undefined ? {} : { specimen }) };
    const begun = await askServer('POST', `/api/jobs/${job}/runs`, input);
    return begun.ok ? accept(input.id) : begun;
  }

  async #remember(): Promise<Job[]> {
    try {
      return await (await openDeviceDatabase()).getAll('jobs');
    } catch {
      return [];
    }
  }

  async #keep(jobs: readonly Job[]): Promise<void> {
    try {
      const tx = (await openDeviceDatabase()).transaction('jobs', 'readwrite');
      await tx.store.clear();
      for (const job of jobs) await tx.store.put(job);
      await tx.done;
    } catch {
      // The list is on the server; remembering it is a convenience.
    }
  }
}
