import type { Frame } from '#core/drawing';
import type { Point } from '#core/geometry';
import { Later } from '../controls/later.svelte.ts';
import { AS_IT_LIES, toPaper, toWindow, type PaperTransform } from './paper-transform.ts';
import type { HandOnPaper } from './zoom-by-hand.ts';

const SMALLEST = 0.08;
const LARGEST = 4;
/** The scale at which lettering can still be read. */
const READABLE = 0.62;
const MARGIN = 18;
const EDGE = 10;

/** What a hand that comes near is told by. */
const COMES_NEAR = ['pointerenter', 'pointerdown', 'wheel', 'touchstart'] as const;

/** Where a drawing's paper lies under its window: moved and zoomed by hand, fitted to what is drawn, brought to a point. */
export class PaperView {
  transform = $state.raw<PaperTransform>(AS_IT_LIES);
  #element = $state<SVGSVGElement | null>(null);
  /** Moved by hand: from then on it stays where it was put, until the whole is asked for. */
  isByHand = false;
  /** What the buttons take at the top: nothing is fitted under them. */
  #tools = 0;
  readonly #getWindow: () => { readonly width: number; readonly height: number };
  /** Moving by hand is fetched when a hand comes near. */
  readonly #byHand = new Later(() => import('./zoom-by-hand.ts'));
  #hand: HandOnPaper | null = null;

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
    const onClick = (event: MouseEvent) => {
      const box = element.getBoundingClientRect();
      onpoint(toPaper(this.transform, { x: event.clientX - box.left, y: event.clientY - box.top }));
    };
    element.addEventListener('click', onClick);
    const onNear = () => void this.#takeInHand(element).catch(() => undefined);
    for (const name of COMES_NEAR) element.addEventListener(name, onNear, { once: true, passive: true });
    if (this.#byHand.value) onNear();
    return () => {
      element.removeEventListener('click', onClick);
      for (const name of COMES_NEAR) element.removeEventListener(name, onNear);
      this.#hand?.letGo();
      [this.#hand, this.#element] = [null, null];
    };
  }

  async #takeInHand(element: SVGSVGElement): Promise<void> {
    const { takeInHand } = await this.#byHand.get();
    if (this.#element !== element || this.#hand) return;
    this.#hand = takeInHand(element, this.transform, [SMALLEST, LARGEST], (to, isByHand) => {
      this.transform = to;
      if (isByHand) this.isByHand = true;
    });
  }

  /** About the middle of the window. */
  zoomBy(factor: number): void {
    this.isByHand = true;
    const { width, height } = this.#getWindow();
    const k = Math.min(LARGEST, Math.max(SMALLEST, this.transform.k * factor));
    const middle = { x: width / 2, y: height / 2 };
    const at = toPaper(this.transform, middle);
    this.#lay({ k, x: middle.x - at.x * k, y: middle.y - at.y * k });
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
    else if (transform.k < READABLE || transform === AS_IT_LIES) this.#centre(focus ?? middle, 1);
  }

  /**
   * Brings what is being worked on into the middle when a point of it has left the window or lies under the buttons; smaller only
   * where it is longer than the window.
   */
  keepInSight(points: readonly Point[]): void {
    const { width, height } = this.#getWindow();
    const top = this.#tools + EDGE;
    const isInSight = (at: Point): boolean => {
      const { x, y } = toWindow(this.transform, at);
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
    this.#lay({ k, x: width / 2 - x * k, y: (height + this.#tools) / 2 - y * k });
  }

  #lay(to: PaperTransform): void {
    if (this.#hand) this.#hand.lay(to);
    else this.transform = to;
  }
}
