import { findSource } from '#core/runs/document';
import type { RunLayout } from '#core/runs/layout';
import { placeLine } from './place-line.ts';
import { findRange } from './sheet-geometry.ts';

/** A run's line in small, as an SVG path in whole units; the place of its source. */
export interface Thumbnail {
  readonly width: number;
  readonly height: number;
  readonly path: string;
  readonly source: readonly [x: number, y: number] | null;
}

export const THUMBNAIL = { width: 320, height: 200 } as const;
const MARGIN = 16;
/** What a drawn foot takes at most, so that a run of one leg does not look like a long one. */
const LARGEST = 50;

/**
 * Draws a run's line so small that it is told from others by its shape: a stroke for each leg, not to scale (placeLine), fitted to
 * 320 by 200. Strokes that fall together are drawn once, so the path of a run of any length stays short.
 */
export function drawThumbnail(layout: RunLayout): Thumbnail {
  const { width, height } = THUMBNAIL;
  const { points, scale } = placeLine(layout, { width, height, margin: MARGIN, letter: 10, quarters: 0 });
  const all = [...points.values()];
  const [left, right] = findRange(all, 'x');
  const [top, bottom] = findRange(all, 'y');
  const fit = Math.min(
    (width - 2 * MARGIN) / (right - left || 1),
    (height - 2 * MARGIN) / (bottom - top || 1),
    LARGEST / scale,
  );
  const put = (id: string): readonly [x: number, y: number] => {
    const { x, y } = points.get(id)!;
    return [
      Math.round(width / 2 + (x - (left + right) / 2) * fit),
      Math.round(height / 2 + (y - (top + bottom) / 2) * fit),
    ];
  };
  const strokes = new Set<string>();
  for (const { near, far } of layout.legs.values()) {
    const [from, to] = [put(near).join(' '), put(far).join(' ')];
    if (from !== to && !strokes.has(`M${to}L${from}`)) strokes.add(`M${from}L${to}`);
  }
  const source = findSource(layout.doc);
  return {
    width,
    height,
    path: [...strokes].join(''),
    source: source !== null && points.has(source) ? put(source) : null,
  };
}
