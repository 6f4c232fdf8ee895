import type { RunAnswer } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import type { Change } from '#core/runs/changes';
import { planCopyRun } from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';
import { getNow } from './get-now.ts';
import { readAnswer } from './load-module.ts';
import type { KeptRun, WaitingEntry } from './device-database.ts';

const getPath = (job: string, run: string): string =>
  `/api/jobs/${encodeURIComponent(job)}/runs/${encodeURIComponent(run)}`;

/** Fetches a run and reads it with the schemas, which are loaded when first needed. */
export async function fetchRun(job: string, run: string): Promise<Result<RunAnswer, Refusal>> {
  const answer = await askServer('GET', getPath(job, run));
  return readAnswer(
    answer,
    () => import('./read-answers.ts'),
    (reader, value) => reader.readRunAnswer(value),
  );
}

/** Sends one entry. For a change gives the revision it made. */
export async function sendEntry(
  entry: WaitingEntry,
): Promise<Result<{ revision: number | null; atServer: string }, Refusal>> {
  const path = getPath(entry.job, entry.run);
  const answer =
    entry.kind === 'change'
      ? await askServer('POST', `${path}/changes`, entry.change)
      : await askServer('POST', `${path}/events`, entry.event);
  if (!answer.ok) return answer;
  const { value } = answer;
  if (typeof value === 'object' && value !== null && 'atServer' in value) {
    const revision = 'revision' in value && Number.isInteger(value.revision) ? Number(value.revision) : null;
    if (entry.kind === 'event' || revision !== null)
      return accept({ revision, atServer: String(value.atServer) });
  }
  return refuse({ code: 'server-failed', request: 'unknown' });
}

/** The ids a copy is sent under, the same each time that it is sent: what was kept of it before its answer was lost is not made again. */
export interface CopyIds {
  readonly run: string;
  readonly change: string;
}

/** The ids of the copy that is kept of changes, by the first of them. */
export const makeCopyIds = (first: string): CopyIds => ({
  run: `${first.slice(0, 32)}copy`,
  change: `${first.slice(0, 32)}kept`,
});

/** Puts a whole document on the server as another run of the job; gives the new run's id. Sent again it is the same run. */
export async function sendCopy(
  job: string,
  doc: RunDoc,
  name: string,
  by: string,
  { run, change: id }: CopyIds,
): Promise<Result<string, Refusal>> {
  const begun = await askServer('POST', `/api/jobs/${encodeURIComponent(job)}/runs`, { id: run, name });
  // Begun before under another name: it is that run.
  if (!begun.ok && begun.refusal.code !== 'id-taken') return begun;
  const fresh = await fetchRun(job, run);
  if (!fresh.ok) return fresh;
  const { label, ops } = planCopyRun(doc, fresh.value.doc);
  if (ops.length === 0) return accept(run);
  const change: Change = { id, base: fresh.value.run.revision, by, at: getNow(), label, ops };
  const sent = await askServer('POST', `${getPath(job, run)}/changes`, change);
  return sent.ok ? accept(run) : sent;
}

/** A run of the server as this device keeps it. */
export const toKeptRun = ({ job, run, doc, events }: RunAnswer): KeptRun => ({
  id: run.id,
  job: job.id,
  name: run.name,
  revision: run.revision,
  doc,
  events,
});
