import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { TransferListItem } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { LIMITS } from '#core/shapes';
import type { WireRefusal } from '#core/formats';
import { refuse, type Result } from '#core/outcome';
import { Room } from './room.ts';
import type { TASKS } from './worker.ts';

type Tasks = typeof TASKS;
export type TaskName = Exclude<keyof Tasks, 'nothing'>;
type Input<Name extends TaskName> = Parameters<Tasks[Name]>[0];
type Output<Name extends TaskName> = Awaited<ReturnType<Tasks[Name]>>;

const MEGABYTE = 1024 * 1024;

/**
 * Who does what, each kind with threads of its own: who waits for a run or a print does not wait for somebody's file. So many may wait besides, and
 * hold so many bytes between them. A thread may take so many megabytes (`memory`): work that needs more is given up by itself and takes
 * nothing else down.
 */
const GANGS = {
  runs: { threads: 2, waiting: 60, bytes: 64 * MEGABYTE, patience: 20_000, memory: 1024 },
  prints: { threads: 2, waiting: 12, bytes: MEGABYTE, patience: 60_000, memory: 1024 },
  exports: { threads: 2, waiting: 4, bytes: MEGABYTE, patience: 300_000, memory: 512 },
  imports: { threads: 1, waiting: 30, bytes: 2 * LIMITS.file, patience: 300_000, memory: 256 },
} as const;
type Gang = keyof typeof GANGS;
const GANG_OF: Readonly<Record<TaskName, Gang>> = {
  acceptChange: 'runs',
  readRun: 'runs',
  readHistory: 'runs',
  readStanding: 'runs',
  readUndone: 'prints',
  printRun: 'prints',
  exportFile: 'exports',
  listFileParts: 'exports',
  importFile: 'imports',
};

const rooms = Object.fromEntries(
  Object.entries(GANGS).map(([gang, { threads, waiting, bytes }]) => [
    gang,
    new Room({ tasks: threads + waiting, bytes }),
  ]),
) as Record<Gang, Room>;

/**
 * Takes room for a piece of work with so many bytes that are held for it, before they are; gives what gives the room back, or null where there is none.
 */
export const takeRoom = (name: TaskName, bytes = 0): (() => void) | null => rooms[GANG_OF[name]].enter(bytes);

const gangs = new Map<Gang, Piscina>();
/** The server is ending: nobody is hired any more. */
let isDismissed = false;

/**
 * Has a piece of heavy work done in a thread, so that no request waits for another's. Stops when `signal` says so. Refused where
 * too much waits already, where it needs more memory than a thread has, or takes too long.
 */
export async function doInThread<Name extends TaskName>(
  name: Name,
  input: Input<Name>,
  {
    signal,
    transfer = [],
    room,
  }: {
    readonly signal?: AbortSignal;
    readonly transfer?: readonly TransferListItem[];
    /** What gives back room that was taken for it already. */
    readonly room?: () => void;
  } = {},
): Promise<Output<Name> | Result<never, WireRefusal>> {
  const gang = GANG_OF[name];
  const leave = room ?? takeRoom(name, countBytes(transfer));
  if (!leave) return refuse({ code: 'work-given-up', why: 'too-busy' });
  const limit = AbortSignal.timeout(GANGS[gang].patience);
  try {
    if (isDismissed) return refuse({ code: 'work-given-up', why: 'too-busy' });
    const force = gangs.get(gang) ?? hire(gang);
    return (await force.run(
      { name, input },
      { transferList: [...transfer], signal: signal ? AbortSignal.any([signal, limit]) : limit },
    )) as Output<Name>;
  } catch (error) {
    // A thread that was ended is only replaced when more work comes, and what waits would wait for that: so more work comes.
    void gangs
      .get(gang)
      ?.run({ name: 'nothing' })
      .catch(() => undefined);
    const why = findWhyGivenUp(error, signal);
    if (why) return refuse({ code: 'work-given-up', why });
    throw error;
  } finally {
    leave();
  }
}

const countBytes = (transfer: readonly TransferListItem[]): number =>
  transfer.reduce((sum, each) => sum + (each instanceof ArrayBuffer ? each.byteLength : 0), 0);

/** Ends the threads; what they were at is given up. */
export async function dismissWorkForce(): Promise<void> {
  isDismissed = true;
  const all = [...gangs.values()];
  gangs.clear();
  await Promise.all(all.map((force) => force.destroy()));
}

function hire(gang: Gang): Piscina {
  const { file, execArgv } = findWorker();
  const force = new Piscina({
    filename: file,
    execArgv,
    minThreads: 0,
    maxThreads: GANGS[gang].threads,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: GANGS[gang].memory },
  });
  gangs.set(gang, force);
  return force;
}

/** The worker of the build, which lies above the code that runs; where nothing was built, its source. */
function findWorker(): { file: string; execArgv: string[] } {
  const here = fileURLToPath(import.meta.url);
  if (here.endsWith('.ts'))
    return { file: join(dirname(here), 'worker.ts'), execArgv: ['--import', 'tsx/esm'] };
  for (let folder = dirname(here); folder !== dirname(folder); folder = dirname(folder)) {
    const file = join(folder, 'work/worker.js');
    if (existsSync(file)) return { file, execArgv: [] };
  }
  throw new Error('the worker was not built beside the server');
}

function findWhyGivenUp(error: unknown, signal: AbortSignal | undefined): 'stopped' | 'too-heavy' | null {
  if (!(error instanceof Error)) return null;
  if (error.name === 'AbortError') return signal?.aborted ? 'stopped' : 'too-heavy';
  if ('code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY') return 'too-heavy';
  return null;
}
