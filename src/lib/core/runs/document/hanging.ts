import type { RecordRef } from './records/record-kind.ts';
import { getRecordKind } from './records/records.ts';
import { RECORD_NAMES, type RecordName } from './records/names.ts';
import type { RunDoc } from './run.ts';

/** A record by where it stands. */
export interface PlacedRecord {
  readonly in: RecordName;
  readonly record: { readonly id: string };
}

/** Collections → what each of their records hangs on, by its id: sorted once. */
const known = new WeakMap<object, ReadonlyMap<string, readonly PlacedRecord[]>>();

const toKey = ({ to, id }: RecordRef): string => `${to} ${id}`;

function sortByWhatItHangsOn(name: RecordName, doc: RunDoc): ReadonlyMap<string, readonly PlacedRecord[]> {
  const before = known.get(doc[name]);
  if (before) return before;
  const { hangsOn } = getRecordKind(name);
  const sorted = new Map<string, PlacedRecord[]>();
  for (const record of Object.values(doc[name])) {
    const on = toKey(hangsOn!(record));
    const others = sorted.get(on);
    if (others) others.push({ in: name, record });
    else sorted.set(on, [{ in: name, record }]);
  }
  known.set(doc[name], sorted);
  return sorted;
}

/** The records that go when another goes: those that are part of it, and what was said of it. Not what hangs on these in turn. */
export const listHangingOn = (doc: RunDoc, { to, id }: RecordRef): readonly PlacedRecord[] =>
  RECORD_NAMES.flatMap((name): readonly PlacedRecord[] => {
    const { hangsOn, saidOf } = getRecordKind(name);
    if (hangsOn) return sortByWhatItHangsOn(name, doc).get(toKey({ to, id })) ?? [];
    return saidOf.includes(to) && Object.hasOwn(doc[name], id) ? [{ in: name, record: doc[name][id]! }] : [];
  });
