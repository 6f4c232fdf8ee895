import type { Point } from '#core/geometry';

/** An upright box on the sheet, by its middle. */
export interface Box {
  readonly at: Point;
  readonly width: number;
  readonly height: number;
}

/** A place a label may take: its middle, and how it is turned (degrees clockwise). */
export interface LabelPlace {
  readonly at: Point;
  readonly turn: number;
}
