import type { RunHeading } from '#core/jobs';
import { askServer } from './ask-server.ts';
import { readAnswer } from './load-module.ts';
import { openDeviceDatabase, type KeptStanding } from './device-database.ts';

/** Runs the server is asked about at the same time. */
const AT_ONCE = 3;

/** How far the runs of a job have come: what this device remembers at once, then run by run what the server says. */
export class Standings {
  /** Run id → how far it has come. */
  known = $state.raw<Readonly<Partial<Record<string, KeptStanding>>>>({});
  /** Run id → what was made here of it and waits to be sent. What this device knows of such a run is the newest there is. */
  waiting = $state.raw<Readonly<Partial<Record<string, number>>>>({});
  #stopped = false;

  async load(job: string, runs: readonly RunHeading[]): Promise<void> {
    const remembered = await remember(runs);
    this.known = { ...this.known, ...remembered.known };
    this.waiting = remembered.waiting;
    const queue = runs.filter(({ id }) => !this.waiting[id] || !this.known[id]);
    const work = async (): Promise<void> => {
      for (let run = queue.shift(); run && !this.#stopped; run = queue.shift()) await this.#ask(job, run.id);
    };
    await Promise.all(Array.from({ length: AT_ONCE }, work));
  }

  /** Nothing more is asked. */
  stop(): void {
    this.#stopped = true;
  }

  /** A run that cannot be told about now stays as this device remembers it: opening it says why. */
  async #ask(job: string, run: string): Promise<void> {
    const path = `/api/jobs/${encodeURIComponent(job)}/runs/${encodeURIComponent(run)}/standing`;
    const answer = await askServer('GET', path);
    const read = await readAnswer(
      answer,
      () => import('./read-answers.ts'),
      (reader, value) => reader.readStandingAnswer(value),
    );
    if (!read.ok) return;
    const kept = { run, ...read.value };
    this.known = { ...this.known, [run]: kept };
    await keepStanding(kept);
  }
}

async function remember(
  runs: readonly RunHeading[],
): Promise<{ known: Record<string, KeptStanding>; waiting: Record<string, number> }> {
  const [known, waiting]: [Record<string, KeptStanding>, Record<string, number>] = [{}, {}];
  try {
    const tx = (await openDeviceDatabase()).transaction(['standings', 'outbox']);
    for (const { id } of runs) {
      const kept = await tx.objectStore('standings').get(id);
      if (kept) known[id] = kept;
      const waits = await tx.objectStore('outbox').index('run').count(id);
      if (waits > 0) waiting[id] = waits;
    }
  } catch {
    // The server says it anew; remembering it is a convenience.
  }
  return { known, waiting };
}

/** Remembers how far a run has come, on this device. */
export async function keepStanding(kept: KeptStanding): Promise<void> {
  try {
    await (await openDeviceDatabase()).put('standings', kept);
  } catch {
    // As above.
  }
}
