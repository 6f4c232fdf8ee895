import type { RunDoc } from './run.ts';
import type { RecordRef } from './records/record-kind.ts';
import { getRecordKind } from './records/records.ts';
import { RECORD_NAMES, type RecordName } from './records/names.ts';

/** A reference in the document that leads nowhere. */
export interface BrokenReference {
  readonly code: 'run-reference-broken';
  readonly in: RecordName;
  readonly id: string;
  readonly missing: string;
}

/** Finds the first reference to a record that is not there; null when the document hangs together. */
export function findBrokenReference(doc: RunDoc): BrokenReference | null {
  const isThere = ({ to, id }: RecordRef): boolean => Object.hasOwn(doc[to], id);
  for (const name of RECORD_NAMES) {
    const { hangsOn, saidOf, refersTo } = getRecordKind(name);
    for (const [id, record] of Object.entries(doc[name])) {
      const wanted = [...(hangsOn ? [hangsOn(record)] : []), ...refersTo(record)];
      const missing = wanted.find((ref) => !isThere(ref))?.id;
      const isOfNothing = saidOf.length > 0 && !saidOf.some((to) => isThere({ to, id }));
      if (missing !== undefined || isOfNothing)
        return { code: 'run-reference-broken', in: name, id, missing: missing ?? id };
    }
  }
  return null;
}
