import type { RecordName } from './names.ts';
import type { RecordKind, RecordOf } from './record-kind.ts';
import { ANCHORS } from './anchor.ts';
import { BEARINGS } from './bearing.ts';
import { CLOCKINGS } from './clocking.ts';
import { COVER_RECORDS } from './cover.ts';
import { FISHED } from './fished.ts';
import { LEGS } from './leg.ts';
import { MAKERS } from './maker.ts';
import { MEASURES } from './measure.ts';
import { NODES } from './node.ts';
import { OWN_PARTS } from './own-part.ts';
import { PARTS } from './part.ts';
import { PASSAGE_RECORDS } from './passage.ts';
import { PICKS } from './pick.ts';
import { PRINTS } from './print.ts';
import { SHOP_PARTS } from './shop-part.ts';
import { SPECS } from './spec.ts';
import { ZONE_RECORDS } from './zone.ts';

/**
 * The kinds of record a run document is made of, by the collection they stand in: the one table that types, schemas, limits, references, what
 * goes with what, empty documents and histories follow from.
 */
export const RECORDS = {
  ownParts: OWN_PARTS,
  shopParts: SHOP_PARTS,
  makers: MAKERS,
  nodes: NODES,
  legs: LEGS,
  specs: SPECS,
  parts: PARTS,
  measures: MEASURES,
  picks: PICKS,
  anchors: ANCHORS,
  clockings: CLOCKINGS,
  zones: ZONE_RECORDS,
  covers: COVER_RECORDS,
  bearings: BEARINGS,
  prints: PRINTS,
  passages: PASSAGE_RECORDS,
  fished: FISHED,
} as const satisfies Readonly<Record<RecordName, object>>;

type RecordIn<Name extends RecordName> = RecordOf<(typeof RECORDS)[Name]>;
export type Collections = { readonly [Name in RecordName]: Readonly<Record<string, RecordIn<Name>>> };

/** What is known of a kind of record, whichever it is. */
export const getRecordKind = (name: RecordName): RecordKind<unknown> =>
  RECORDS[name] as unknown as RecordKind<unknown>;

/** Under what records stand, whichever kind they are of. */
export const RECORD_KEYS: readonly RegExp[] = [
  ...new Set(Object.values(RECORDS).map(({ keys }: Pick<RecordKind<unknown>, 'keys'>) => keys)),
];
