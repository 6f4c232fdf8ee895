import type { Point } from '#core/geometry';
import { getTextWidth } from './draw-labels.ts';
import { coverLabel } from './place-label.ts';
import type { InkShape } from './sink.ts';

/** An upright frame, by its upper left corner. */
export interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The least frame that holds everything drawn, lettering (of the given height) and marks included; null when nothing is. */
export function findDrawingFrame(shapes: readonly InkShape[], letter: number): Frame | null {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  const hold = ({ x, y }: Point, around: number) => {
    left = Math.min(left, x - around);
    top = Math.min(top, y - around);
    right = Math.max(right, x + around);
    bottom = Math.max(bottom, y + around);
  };
  for (const shape of shapes) {
    if (shape.kind === 'stroke') for (const point of shape.points) hold(point, 2);
    else if (shape.kind === 'mark') hold(shape.at, shape.radius);
    else {
      const boxes = coverLabel(shape, getTextWidth(shape.text, letter) * 1.15, letter * 1.2);
      for (const { at, height } of boxes) hold(at, height / 2);
    }
  }
  return right < left ? null : { x: left, y: top, width: right - left, height: bottom - top };
}
