/** The collections of records of a run document, in the order in which they are gone through. What each is, `records.ts` says. */
export const RECORD_NAMES = [
  'ownParts',
  'shopParts',
  'makers',
  'nodes',
  'legs',
  'specs',
  'parts',
  'measures',
  'picks',
  'anchors',
  'clockings',
  'zones',
  'covers',
  'bearings',
  'prints',
  'passages',
  'fished',
] as const;
export type RecordName = (typeof RECORD_NAMES)[number];
