import { idsOf } from './lineage.ts';
import { getRecordKind } from './records/records.ts';
import { RECORD_NAMES, type RecordName } from './records/names.ts';
import type { RunDoc } from './run.ts';

/** A kind of entry of which a run holds so many, and at most so many: said before it is met, refused where it is passed. */
export interface Fullness {
  readonly of: RecordName;
  readonly count: number;
  readonly most: number;
}

/** Of what the run is nearest to full, from a share of it on (1: more than it holds); null while there is room. */
export function findFullness(doc: RunDoc, from: number): Fullness | null {
  const counts = RECORD_NAMES.map((of): Fullness => ({
    of,
    count: idsOf(doc[of]).length,
    most: getRecordKind(of).most,
  }));
  const fullest = counts.reduce((a, b) => (b.count / b.most > a.count / a.most ? b : a));
  const isFull = from === 1 ? fullest.count > fullest.most : fullest.count >= fullest.most * from;
  return isFull ? fullest : null;
}
