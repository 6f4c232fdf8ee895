import type { MessagePort } from 'node:worker_threads';
import type { ImportOutcome } from '#core/formats/job-file.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import type { Result } from '#core/outcome/result.ts';
import type { Actor } from '../actor.ts';
import { connect, OF_LONG_WORK } from '../db/database.ts';
import { importJobs } from '../use-cases/import-jobs.ts';

export interface FileToImport {
  /** The database, to which the thread has a connection of its own while it works. */
  readonly url: string;
  readonly actor: Actor;
  /** The text of the file, UTF-8. */
  readonly bytes: Uint8Array;
  /** Told how many jobs are in, and of how many. */
  readonly progress: MessagePort | null;
}

/** Brings the jobs of a file in. A thread that is ended takes its connection with it, and nothing of the file is kept. */
export async function importFile({
  url,
  actor,
  bytes,
  progress,
}: FileToImport): Promise<Result<ImportOutcome[], WireRefusal>> {
  const { db, close } = connect(url, 1, OF_LONG_WORK);
  try {
    const text = new TextDecoder().decode(bytes);
    return await importJobs(db, actor, text, (done, of) => progress?.postMessage({ done, of }));
  } finally {
    await close();
  }
}
