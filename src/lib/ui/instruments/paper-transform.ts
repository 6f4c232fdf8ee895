import type { Point } from '#core/geometry';

/** Where a paper lies under its window: the window's x is the paper's times k, plus x. */
export interface PaperTransform {
  readonly k: number;
  readonly x: number;
  readonly y: number;
}

export const AS_IT_LIES: PaperTransform = { k: 1, x: 0, y: 0 };

/** A place of the paper, in the window. */
export const toWindow = ({ k, x, y }: PaperTransform, at: Point): Point => ({
  x: at.x * k + x,
  y: at.y * k + y,
});

/** A place of the window, on the paper. */
export const toPaper = ({ k, x, y }: PaperTransform, at: Point): Point => ({
  x: (at.x - x) / k,
  y: (at.y - y) / k,
});
