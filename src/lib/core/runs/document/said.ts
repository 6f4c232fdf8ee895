import type { Collection } from './collections.ts';

/** What is said of a leg, a node or a part, each under the id of what it is said of. */
export const SAID_OF = [
  'zones',
  'covers',
  'bearings',
  'prints',
  'fished',
] as const satisfies readonly Collection[];
export type SaidOf = (typeof SAID_OF)[number];
