import type { NominalSize } from '#core/ends';
import type { Provenance } from './confidence.ts';

/** Where a line lies, as far as codes tell it apart. */
export const COVER_PLACES = [
  'general', 'lamp-or-grill', 'damage-likely', 'under-traffic', 'service-line', 'service-in-street', 'main',
] as const; // prettier-ignore
export type CoverPlace = (typeof COVER_PLACES)[number];

/** Least ground over a pipe. */
export interface CoverRow extends Provenance {
  /** As house rules call it. */
  readonly jurisdiction: string;
  readonly where: CoverPlace;
  readonly cover: number;
  readonly unit: 'in' | 'mm';
}

export interface BeadRow extends Provenance {
  readonly upTo: NominalSize;
  readonly least: number;
  readonly most: number;
}

export interface OpenTimeRow extends Provenance {
  readonly upTo: number;
  readonly seconds: number;
}

/** What is published of pipe in the ground and of melting it. */
export interface GroundTables {
  readonly covers: readonly CoverRow[];
  readonly beads: readonly BeadRow[];
  readonly openTimes: readonly OpenTimeRow[];
}
