import { setPriority } from 'node:os';
import type { MessagePort } from 'node:worker_threads';
import { move, transferableSymbol, valueSymbol } from 'piscina';
import type { FilePart, ImportOutcome, ChangeAnswer, StandingAnswer, WireRefusal } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import { isDatabaseAway } from '../db/database-away.ts';
import { connect, OF_LONG_WORK, type Connection, type Database, type Patience } from '../db/database.ts';
import type { Paper } from '../pdf/write-run-pdf.ts';
import { acceptChange } from '../use-cases/accept-change.ts';
import { exportJob, exportJobs, type JobRange } from '../use-cases/export-jobs.ts';
import { importJobs } from '../use-cases/import-jobs.ts';
import { listFileParts } from '../use-cases/list-file-parts.ts';
import { readHistory } from '../use-cases/read-history.ts';
import { readRunText } from '../use-cases/read-run.ts';
import type { UndoneLook } from '../use-cases/read-undone.ts';
import type { JsonText } from './json-text.ts';
import { readChange } from './read-change.ts';

/** Whose work it is, and on which database: a thread has connections of its own. */
export interface Order {
  readonly url: string;
  readonly actor: Actor;
}
export interface RunOrder extends Order {
  readonly job: string;
  readonly run: string;
}

/** Use cases as a thread does them: plain data in; out come bytes, which are handed over and not copied. */
export const TASKS = {
  /** Calls a thread to what waits. */
  nothing: (): Promise<void> => Promise.resolve(),

  async acceptChange(order: RunOrder & { bytes: Uint8Array }): Promise<Result<ChangeAnswer, WireRefusal>> {
    const { url, actor, job, run, bytes } = order;
    const change = readChange(bytes);
    return change.ok ? acceptChange(databaseAt(url), actor, job, run, change.value) : change;
  },

  async readRun({ url, actor, job, run }: RunOrder): Promise<Result<Uint8Array, WireRefusal>> {
    return handOver(toBytes(await readRunText(databaseAt(url), actor, job, run)));
  },

  async readHistory(order: RunOrder & { before: number | null }): Promise<Result<Uint8Array, WireRefusal>> {
    const { url, actor, job, run, before } = order;
    return handOver(toBytes(await readHistory(databaseAt(url), actor, job, run, before)));
  },

  async readStanding({ url, actor, job, run }: RunOrder): Promise<Result<StandingAnswer, WireRefusal>> {
    const { readStanding } = await import('../use-cases/read-standing.ts');
    return readStanding(databaseAt(url), actor, job, run);
  },

  async readUndone({ url, actor, job }: Order & { job: string }): Promise<Result<UndoneLook, WireRefusal>> {
    const { readUndone } = await import('../use-cases/read-undone.ts');
    return readUndone(databaseAt(url, OF_LONG_WORK), actor, job);
  },

  async printRun(order: RunOrder & { paper: Paper }): Promise<Result<Uint8Array, WireRefusal>> {
    const { url, actor, job, run, paper } = order;
    const { printRun } = await import('../use-cases/print-run.ts');
    return handOver(await printRun(databaseAt(url, OF_LONG_WORK), actor, job, run, paper));
  },

  /** Gives the text of a file piece by piece over `pieces`, each when the one before was taken: of one job or of a range. */
  async exportFile(
    order: Order & { jobs: string | JobRange; pieces: MessagePort },
  ): Promise<Result<void, WireRefusal>> {
    const { url, actor, jobs, pieces } = order;
    const db = databaseAt(url, OF_LONG_WORK);
    let held = '';
    const flush = async (): Promise<void> => {
      const bytes = new TextEncoder().encode(held);
      held = '';
      const taken = new Promise((done) => pieces.once('message', done));
      pieces.postMessage(bytes, [bytes.buffer]);
      await taken;
    };
    const take = async (text: string): Promise<void> => {
      held += text;
      if (held.length >= PIECE) await flush();
    };
    const done = await (typeof jobs === 'string'
      ? exportJob(db, actor, jobs, take)
      : exportJobs(db, actor, jobs, take));
    if (done.ok && held) await flush();
    return done;
  },

  async listFileParts({ url, actor }: Order): Promise<Result<FilePart[], WireRefusal>> {
    return listFileParts(databaseAt(url, OF_LONG_WORK), actor);
  },

  /** Brings the jobs of a file in; tells over `progress` how many are in, and of how many. */
  async importFile(
    order: Order & { bytes: Uint8Array; progress: MessagePort },
  ): Promise<Result<ImportOutcome[], WireRefusal>> {
    const { url, actor, bytes, progress } = order;
    const text = new TextDecoder().decode(bytes);
    const tell = (done: number, of: number): void => progress.postMessage({ done, of });
    return importJobs(databaseAt(url, OF_LONG_WORK), actor, text, tell);
  },
};

/** An error loses its code on the way out of a thread: that the database is away is answered, not thrown. */
export default async ({ name, input }: { name: keyof typeof TASKS; input: never }): Promise<unknown> => {
  try {
    return await TASKS[name](input);
  } catch (error) {
    if (isDatabaseAway(error)) return refuse({ code: 'database-away' });
    throw error;
  }
};

/** Characters that are handed over at a time. */
const PIECE = 64 * 1024;

/** On Linux this is of the thread alone: who answers requests goes before it wherever there are not cores enough. */
try {
  setPriority(3);
} catch {
  // A system that does not let it: then it goes as before.
}

const connections = new Map<string, Connection>();

/** A thread that is ended takes its connections with it, and nothing of what it was at is kept. */
function databaseAt(url: string, patience?: Patience): Database {
  const key = `${patience ? 'long' : 'short'} ${url}`;
  const connection = connections.get(key) ?? connect(url, 2, patience);
  connections.set(key, connection);
  return connection.db;
}

const toBytes = (result: Result<JsonText, WireRefusal>): Result<Uint8Array<ArrayBuffer>, WireRefusal> =>
  result.ok ? accept(new TextEncoder().encode(result.value.text)) : result;

/** The buffer itself changes hands. */
function handOver(result: Result<Uint8Array<ArrayBuffer>, WireRefusal>): Result<Uint8Array, WireRefusal> {
  if (!result.ok) return result;
  const moved = { [transferableSymbol]: result.value.buffer, [valueSymbol]: result };
  return move(moved) as unknown as Result<Uint8Array, WireRefusal>;
}
