import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom';
import type { Frame } from '#core/drawing/find-drawing-frame.ts';
import type { Point } from '#core/geometry/isometric.ts';

const SMALLEST = 0.08;
const LARGEST = 4;
/** The scale at which lettering can still be read. */
const READABLE = 0.62;
const MARGIN = 18;

/** Where a drawing's paper lies under its window: moved and zoomed by hand, fitted to what is drawn, brought to a point. */
export class PaperView {
  transform = $state.raw<ZoomTransform>(zoomIdentity);
  #element = $state<SVGSVGElement | null>(null);
  /** Moved by hand: from then on it stays where it was put, until the whole is asked for. */
  isByHand = false;
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
    if (scale >= READABLE || whole) this.#centre(middle, Math.max(SMALLEST, scale));
    else if (transform.k < READABLE || transform === zoomIdentity) this.#centre(focus ?? middle, 1);
  }

  /** Brings a point of the paper into the middle when it has left the window. */
  keepInSight(at: Point): void {
    const { width, height } = this.#getWindow();
    const [x, y] = this.transform.apply([at.x, at.y]);
    const edge = 10;
    const isInSight = x > edge && y > edge && x < width - edge && y < height - edge;
    if (!isInSight) this.#centre(at, this.transform.k);
  }

  #centre({ x, y }: Point, k: number): void {
    const { width, height } = this.#getWindow();
    const to = zoomIdentity
      .translate(width / 2, height / 2)
      .scale(k)
      .translate(-x, -y);
    if (this.#element) this.#zoomer.transform(select(this.#element), to);
    else this.transform = to;
  }
}
