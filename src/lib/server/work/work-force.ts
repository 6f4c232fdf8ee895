import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import type { TransferListItem } from 'node:worker_threads';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import type { WireRefusal } from '#core/formats/wire.ts';
import { refuse, type Result } from '#core/outcome/result.ts';
import type { TASKS } from './worker.ts';

type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;
type Input<Name extends TaskName> = Parameters<Tasks[Name]>[0];
type Output<Name extends TaskName> = Awaited<ReturnType<Tasks[Name]>>;

/** Threads at work at a time: one core is left for everything else. */
const THREADS = Math.max(1, Math.min(4, availableParallelism() - 1));
/** Pieces of work that wait for a thread; more are refused with a sentence. */
const QUEUE = 40;
/** Megabytes a thread may take: work that needs more is given up by itself and takes nothing else down. */
const MEMORY = 1024;
/** Milliseconds a piece of work may take. */
const PATIENCE = 120_000;

let force: Piscina | null = null;

/**
 * Has a piece of heavy work done in a thread of its own kind, so that no request waits for another's. Stops when `signal` says
 * so. Refused where too much waits already, where it needs more memory than a thread has, or takes too long.
 */
export async function doInThread<Name extends TaskName>(
  name: Name,
  input: Input<Name>,
  { signal, transfer = [] }: { signal?: AbortSignal; transfer?: readonly TransferListItem[] } = {},
): Promise<Output<Name> | Result<never, WireRefusal>> {
  const limit = AbortSignal.timeout(PATIENCE);
  try {
    force ??= hire();
    return (await force.run(input, {
      name,
      transferList: [...transfer],
      signal: signal ? AbortSignal.any([signal, limit]) : limit,
    })) as Output<Name>;
  } catch (error) {
    const why = findWhyGivenUp(error, signal);
    if (why) return refuse({ code: 'work-given-up', why });
    throw error;
  }
}

/** Ends the threads; what they were at is given up. */
export async function dismissWorkForce(): Promise<void> {
  await force?.destroy();
  force = null;
}

function hire(): Piscina {
  const { file, execArgv } = findWorker();
  return new Piscina({
    filename: file,
    execArgv,
    minThreads: 0,
    maxThreads: THREADS,
    maxQueue: QUEUE,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: MEMORY },
  });
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

function findWhyGivenUp(
  error: unknown,
  signal: AbortSignal | undefined,
): 'stopped' | 'too-heavy' | 'too-busy' | null {
  if (!(error instanceof Error)) return null;
  if (error.name === 'AbortError') return signal?.aborted ? 'stopped' : 'too-heavy';
  if ('code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY') return 'too-heavy';
  return /queue (?:is at|limit)/i.test(error.message) ? 'too-busy' : null;
}
