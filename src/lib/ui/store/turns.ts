import type { PlannedChange } from '#core/runs/change.ts';
import { openDeviceDatabase } from './device-database.ts';

/** What can be taken back and done again, and the revision at which that was so: at another one it no longer holds. */
export interface Turns {
  readonly run: string;
  readonly revision: number;
  readonly done: readonly PlannedChange[];
  readonly undone: readonly PlannedChange[];
}

/** Steps that are kept over a reload. */
const MOST = 100;

export async function keepTurns(turns: Turns): Promise<void> {
  const { done, undone } = turns;
  const kept = { ...turns, done: done.slice(-MOST), undone: undone.slice(-MOST) };
  await (await openDeviceDatabase()).put('turns', kept);
}

/** The steps kept of a run; null when it has moved on since. */
export async function readTurns(run: string, revision: number): Promise<Turns | null> {
  const kept = await (await openDeviceDatabase()).get('turns', run);
  return kept?.revision === revision ? kept : null;
}
