import type { LegSize } from '#core/ends';
import type { WorkedEnd } from '#core/materials';

/** One end of a piece. Its id is `station:leg`; where a part stands it is a joint. */
export interface LaidEnd extends WorkedEnd {
  readonly id: string;
  /** The node, or the opening of a part in the leg: `part.port`. */
  readonly station: string;
  readonly leg: string;
  readonly size: LegSize;
}
