import type { End } from '#core/ends';
import { getCraft } from '#core/materials';
import type { LaidEnd } from '#core/runs/measuring';
import type { RunLayout } from '#core/runs/layout';

/** What a piece ends in at one of its ends: the thread cut on a pipe, the prepared end of a tube. */
export function findTubeEnd({ legs }: RunLayout, { leg }: LaidEnd): End {
  const { leg: entry } = legs.get(leg)!;
  return getCraft(entry).getEnd(entry, 'male');
}
