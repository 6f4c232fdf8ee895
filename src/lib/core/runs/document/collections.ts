/** The maps of the document that a change may touch. */
export const COLLECTIONS = [
  'ownParts',
  'shopParts',
  'ruleChoices',
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
export type Collection = (typeof COLLECTIONS)[number];
