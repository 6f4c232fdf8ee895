import type { NominalSize } from '#core/ends';
import type { Confidence } from './confidence.ts';

/** A published row of how far apart what holds a pipe may stand at the most, feet or metres. */
export interface SupportRow {
  /** As house rules call it; `any`: it is the same everywhere. */
  readonly jurisdiction: string;
  readonly level: number;
  /** Upright; `floor`: at every floor. */
  readonly upright: number | 'floor';
  readonly unit: 'ft' | 'm';
  readonly source: 'model-code' | 'maker' | 'practice';
  readonly confidence: Confidence;
}

/** A row of a table that goes by size: from the largest of the row before, exclusive, to this one. */
export interface SupportBySize extends SupportRow {
  readonly upTo: NominalSize;
}

/** A row of a table that goes by outside diameter: from one, inclusive, to another, exclusive. */
export interface SupportByOutside extends SupportRow {
  readonly from: number;
  readonly below: number;
  readonly outsideIn: 'in' | 'mm';
}
