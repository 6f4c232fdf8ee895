import type { ChangeInFile } from '#core/formats';
import type { Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';
import { readAnswer } from './load-module.ts';

/** A page of the changes of a run that the server has, the oldest first: the newest, or those before a revision. */
export async function fetchHistory(
  job: string,
  run: string,
  before: number | null = null,
): Promise<Result<ChangeInFile[], Refusal>> {
  const path = `/api/jobs/${encodeURIComponent(job)}/runs/${encodeURIComponent(run)}/changes`;
  const answer = await askServer('GET', before === null ? path : `${path}?before=${before}`);
  return readAnswer(
    answer,
    () => import('./read-answers.ts'),
    (reader, value) => reader.readHistoryAnswer(value),
  );
}

/** A page put to what is there of a history, both the oldest first: without a gap, or the newer of them alone. */
export function joinHistory<Step extends { readonly revision: number }>(
  there: readonly Step[],
  page: readonly Step[],
): readonly Step[] {
  const [first, last] = [page[0]?.revision, page.at(-1)?.revision];
  if (first === undefined || last === undefined) return there;
  const older = there.filter(({ revision }) => revision < first);
  const newer = there.filter(({ revision }) => revision > last);
  const isWhole = (a: Step | undefined, b: Step | undefined): boolean =>
    !a || !b || a.revision + 1 === b.revision;
  if (!isWhole(page.at(-1), newer[0])) return newer;
  return isWhole(older.at(-1), page[0]) ? [...older, ...page, ...newer] : [...page, ...newer];
}
