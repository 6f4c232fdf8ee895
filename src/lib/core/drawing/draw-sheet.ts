import type { RunLayout } from '#core/runs/layout';
import type { LengthUnit } from '#core/units';
import { drawLine } from './draw-line.ts';
import { findDrawingFrame, type Frame } from './find-drawing-frame.ts';
import { makeRecordingSink, type InkShape } from './sink.ts';

export interface DrawnSheet {
  /** In the order in which they are laid on the paper: strokes, marks, lettering. */
  readonly shapes: readonly InkShape[];
  readonly frame: Frame;
  /** Height of lettering, sheet units. */
  readonly letter: number;
}

/** A bare end's ring lies over the point it stands on. */
const getOrder = (shape: InkShape): number =>
  shape.kind === 'stroke' ? 0 : shape.kind === 'text' ? 3 : shape.role === 'node' ? 1 : 2;

/** The line drawn for a sheet of so many units; null when there is nothing to draw. The same routine as on the screen. */
export function drawSheet(
  layout: RunLayout,
  unit: LengthUnit,
  size: { readonly width: number; readonly height: number },
): DrawnSheet | null {
  const letter = 13;
  const sink = makeRecordingSink();
  drawLine(layout, sink, { ...size, margin: 30, letter, quarters: 0 }, unit);
  const frame = findDrawingFrame(sink.shapes, letter);
  return frame && { shapes: sink.shapes.toSorted((a, b) => getOrder(a) - getOrder(b)), frame, letter };
}
