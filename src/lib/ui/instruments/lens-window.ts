import type { Point } from '#core/geometry';

/** Where the middle of the glass looks, and how large a millimetre is there. */
export interface LensView extends Point {
  readonly scale: number;
}

/** What is drawn, as it lies behind the glass: 120 units across, its middle at 60, 60, y down. */
export const placeBehindGlass = ({ x, y }: Point, view: LensView): Point => ({
  x: 60 + (x - view.x) * view.scale,
  y: 60 - (y - view.y) * view.scale,
});

/** A line behind the glass, as a path. */
export const toPathBehindGlass = (points: readonly Point[], view: LensView): string =>
  points
    .map((point) => placeBehindGlass(point, view))
    .map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`)
    .join('');
