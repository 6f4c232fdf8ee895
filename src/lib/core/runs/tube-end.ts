import type { End } from '../ends/end.ts';
import { getCraft } from '../materials/crafts.ts';
import type { LaidEnd, RunLayout } from './layout.ts';

/** What a piece ends in at one of its ends: the thread cut on a pipe, the prepared end of a tube. */
export function findTubeEnd({ legs }: RunLayout, { leg }: LaidEnd): End {
  const { leg: entry } = legs.get(leg)!;
  return getCraft(entry).getEnd(entry, 'male');
}
