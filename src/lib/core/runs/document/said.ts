import { RECORD_NAMES, type RecordName } from './records/names.ts';
import { getRecordKind, type RECORDS } from './records/records.ts';

/** What is said of a leg, a node or a part, each under the id of what it is said of. */
export type SaidOf = {
  readonly [Name in RecordName]: (typeof RECORDS)[Name] extends { readonly isSaid: true } ? Name : never;
}[RecordName];
export const SAID_OF = RECORD_NAMES.filter(
  (name) => getRecordKind(name).saidOf.length > 0,
) as readonly SaidOf[];
