import type { ImportOutcome } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import { loadModule } from './load-module.ts';
import { isKnownRefusal, type Refusal } from '#words/refusals.ts';

export interface Progress {
  readonly done: number;
  readonly of: number;
}

/**
 * Sends the text of a job file to be brought in; gives what became of each job. Told how far it has come; `signal` stops it, and
 * then nothing of the file is kept.
 */
export async function sendFile(
  text: string,
  signal: AbortSignal,
  onprogress: (progress: Progress) => void,
): Promise<Result<ImportOutcome[], Refusal>> {
  let answer: unknown = null;
  try {
    const response = await fetch('/api/file', {
      method: 'POST',
      headers: { 'content-type': 'application/json', accept: 'application/x-ndjson' },
      body: text,
      signal,
    });
    for await (const line of readLines(response)) {
      const said: unknown = JSON.parse(line);
      if (isProgress(said)) onprogress(said.progress);
      else answer = said;
    }
  } catch {
    return refuse(signal.aborted ? { code: 'work-given-up', why: 'stopped' } : { code: 'server-away' });
  }
  if (typeof answer !== 'object' || answer === null)
    return refuse({ code: 'server-failed', request: 'unknown' });
  if ('refusal' in answer && isKnownRefusal(answer.refusal)) return refuse(answer.refusal);
  const reader = await loadModule(() => import('./read-answers.ts'));
  if (!reader.ok) return reader;
  const read = reader.value.readImportAnswer('value' in answer ? answer.value : null);
  return read.ok ? accept(read.value) : refuse({ code: 'server-failed', request: 'unknown' });
}

async function* readLines(response: Response): AsyncGenerator<string> {
  const reader = response.body?.getReader();
  const decoder = new TextDecoder();
  let left = '';
  while (reader) {
    const { done, value } = await reader.read();
    const lines = (left + (value ? decoder.decode(value, { stream: true }) : '')).split('\n');
    left = lines.pop() ?? '';
    for (const line of lines) if (line) yield line;
    if (done) break;
  }
  if (left.trim()) yield left;
}

const isProgress = (said: unknown): said is { progress: Progress } =>
  typeof said === 'object' &&
  said !== null &&
  'progress' in said &&
  typeof said.progress === 'object' &&
  said.progress !== null &&
  'done' in said.progress &&
  'of' in said.progress &&
  Number.isInteger(said.progress.done) &&
  Number.isInteger(said.progress.of);
