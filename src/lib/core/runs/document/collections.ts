import { getRecordKind, RECORD_NAMES, type RECORDS, type RecordName } from './records/records.ts';

/** The maps of the document that a change may touch: house rules, and every kind of record. */
export const COLLECTIONS: readonly Collection[] = ['ruleChoices', ...RECORD_NAMES];
export type Collection = 'ruleChoices' | RecordName;

/** What is said of a leg, a node or a part, each under the id of what it is said of. */
export type SaidOf = {
  readonly [Name in RecordName]: (typeof RECORDS)[Name] extends { readonly isSaid: true } ? Name : never;
}[RecordName];
export const SAID_OF = RECORD_NAMES.filter(
  (name) => getRecordKind(name).saidOf.length > 0,
) as readonly SaidOf[];
