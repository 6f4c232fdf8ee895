import type { ImportOutcome } from '#core/formats/job-file.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import { isKnownRefusal, type Refusal } from '#words/refusals.ts';

/** Milliseconds that a large file may take. */
const PATIENCE = 120_000;

/** Sends the text of a job file to be brought in; gives what became of each job. */
export async function sendFile(text: string): Promise<Result<ImportOutcome[], Refusal>> {
  let answer: unknown;
  try {
    const response = await fetch('/api/file', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: text,
      signal: AbortSignal.timeout(PATIENCE),
    });
    answer = await response.json();
  } catch {
    return refuse({ code: 'server-away' });
  }
  if (typeof answer !== 'object' || answer === null)
    return refuse({ code: 'server-failed', request: 'unknown' });
  if ('refusal' in answer && isKnownRefusal(answer.refusal)) return refuse(answer.refusal);
  const { readImportAnswer } = await import('./read-answers.ts');
  const read = readImportAnswer('value' in answer ? answer.value : null);
  return read.ok ? accept(read.value) : refuse({ code: 'server-failed', request: 'unknown' });
}
