import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom';
import type { Frame } from '#core/drawing/find-drawing-frame.ts';
import type { Point } from '#core/geometry/isometric.ts';

const SMALLEST = 0.08;
const LARGEST = 4;
/** The scale at which lettering can still be read. */
const READABLE = 0.62;
const MARGIN = 18;
const EDGE = 10;

/** Where a drawing's paper lies under its window: moved and zoomed by hand, fitted to what is drawn, brought to a point. */
export class PaperView {
  transform = $state.raw<ZoomTransform>(zoomIdentity);
  #element = $state<SVGSVGElement | null>(null);
  /** Moved by hand: from then on it stays where it was put, until the whole is asked for. */
  isByHand = false;
  /** What the buttons take at the top: nothing is fitted under them. */
  #tools = 0;
  readonly #getWindow: () => { readonly width: number; readonly height: number };
  readonly #zoomer = zoom<SVGSVGElement, unknown>()
    .scaleExtent([SMALLEST, LARGEST])
    .on('zoom', (event: { transform: ZoomTransform; sourceEvent: Event | null }) => {
      this.transform = event.transform;
      if (event.sourceEvent) this.isByHand = true;
    });

  constructor(getWindow: () => { readonly width: number; readonly height: number }) {
    this.#getWindow = getWindow;
  }

  /** Whether there is a window to look through yet. */
  get isOpen(): boolean {
    return this.#element !== null;
  }

  /** Looks through an element; gives what lets go of it. `onpoint`: a place of the paper was clicked. */
  attach(element: SVGSVGElement, onpoint: (at: Point) => void): () => void {
    this.#element = element;
    select(element).call(this.#zoomer).on('dblclick.zoom', null);
    const onClick = (event: MouseEvent) => {
      const box = element.getBoundingClientRect();
      const [x, y] = this.transform.invert([event.clientX - box.left, event.clientY - box.top]);
      onpoint({ x, y });
    };
    element.addEventListener('click', onClick);
    return () => {
      element.removeEventListener('click', onClick);
      select(element).on('.zoom', null);
      this.#element = null;
    };
  }

  zoomBy(factor: number): void {
    this.isByHand = true;
    if (this.#element) this.#zoomer.scaleBy(select(this.#element), factor);
  }

  /**
   * The whole frame in its place; where that is too small to read and the whole is not asked for, what is being worked on in
   * the middle. `tools`: what the buttons take at the top.
   */
  fit(frame: Frame, { whole, tools, focus }: { whole: boolean; tools: number; focus: Point | null }): void {
    const { width, height } = this.#getWindow();
    const scale = Math.min(
      (width - 2 * MARGIN) / frame.width,
      (height - tools - 2 * MARGIN) / frame.height,
      1.25,
    );
    const middle = { x: frame.x + frame.width / 2, y: frame.y + frame.height / 2 };
    const { transform } = this;
    this.#tools = tools;
    if (scale >= READABLE || whole) this.#centre(middle, Math.max(SMALLEST, scale));
    else if (transform.k < READABLE || transform === zoomIdentity) this.#centre(focus ?? middle, 1);
  }

  /**
   * Brings what is being worked on into the middle when a point of it has left the window or lies under the buttons; smaller only
   * where it is longer than the window.
   */
  keepInSight(points: readonly Point[]): void {
    const { width, height } = this.#getWindow();
    const top = this.#tools + EDGE;
    const isInSight = (at: Point): boolean => {
      const [x, y] = this.transform.apply([at.x, at.y]);
      return x > EDGE && y > top && x < width - EDGE && y < height - EDGE;
    };
    if (points.length === 0 || points.every(isInSight)) return;
    const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
    const [left, right, up, down] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    const fits = Math.min(
      (width - 2 * MARGIN) / Math.max(1, right - left),
      (height - this.#tools - 2 * MARGIN) / Math.max(1, down - up),
    );
    this.#centre(
      { x: (left + right) / 2, y: (up + down) / 2 },
      Math.max(SMALLEST, Math.min(this.transform.k, fits)),
    );
  }

  #centre({ x, y }: Point, k: number): void {
    const { width, height } = this.#getWindow();
    const to = zoomIdentity
      .translate(width / 2, (height + this.#tools) / 2)
      .scale(k)
      .translate(-x, -y);
    if (this.#element) this.#zoomer.transform(select(this.#element), to);
    else this.transform = to;
  }
}
