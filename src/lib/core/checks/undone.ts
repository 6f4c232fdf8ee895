import type { Undone } from '#core/jobs';
import type { RunStanding } from './standing.ts';

/** What of a run is not done, by how far it has come; null where nothing is left: no stop, no question, no measure, no piece. */
export function findUndone(run: Pick<Undone, 'run' | 'name'>, standing: RunStanding): Undone | null {
  const { stops, asks, unmeasured, pieces, cut } = standing;
  const uncut = pieces - cut;
  return stops + asks + unmeasured + uncut === 0 ? null : { ...run, stops, asks, unmeasured, uncut };
}
