import { RECORD_NAMES, type RecordName } from './records/names.ts';

/** The maps of the document that a change may touch: house rules, and every kind of record. */
export const COLLECTIONS: readonly Collection[] = ['ruleChoices', ...RECORD_NAMES];
export type Collection = 'ruleChoices' | RecordName;
