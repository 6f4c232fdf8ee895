import type { ChangeInFile } from '#core/formats/job-file.ts';
import type { Result } from '#core/outcome/result.ts';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';
import { readAnswer } from './load-module.ts';

/** Every change of a run that the server has, the oldest first. */
export async function fetchHistory(job: string, run: string): Promise<Result<ChangeInFile[], Refusal>> {
  const path = `/api/jobs/${encodeURIComponent(job)}/runs/${encodeURIComponent(run)}/changes`;
  const answer = await askServer('GET', path);
  return readAnswer(
    answer,
    () => import('./read-answers.ts'),
    (reader, value) => reader.readHistoryAnswer(value),
  );
}
