import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom';
import type { Stretch } from '#core/drawing';

/** Units of the sheet to the millimetre, nearest. */
const LARGEST = 30;

/** The part of a tape that is seen: how near, and where the leg's near centre lies. Lengths along it in mm. */
export class TapeView {
  /** Units of the sheet. */
  width = $state(0);
  #transform = $state.raw<ZoomTransform>(zoomIdentity);
  #element = $state.raw<SVGSVGElement | null>(null);
  /** The tape is drawn along under the window by so much while its near end is dragged. */
  readonly #getShift: () => number;
  readonly #zoomer = zoom<SVGSVGElement, unknown>()
    .scaleExtent([0.005, LARGEST])
    .on('zoom', (event: { transform: ZoomTransform }) => (this.#transform = event.transform));

  constructor(getShift: () => number) {
    this.#getShift = getShift;
  }

  /** The sheet that is looked at; null until there is one. */
  get element(): SVGSVGElement | null {
    return this.#element;
  }
  /** Units of the sheet to the millimetre. */
  get scale(): number {
    return this.#transform.k;
  }
  /** Where on the sheet a place of the tape lies. */
  place(mm: number): number {
    return this.#transform.applyX(mm + this.#getShift());
  }
  /** What is in the window, and a little on both sides of it. */
  seen = $derived.by((): Stretch => ({
    from: this.#transform.invertX(-20) - this.#getShift(),
    to: this.#transform.invertX(this.width + 20) - this.#getShift(),
  }));

  attach = (element: SVGSVGElement): (() => void) => {
    this.#element = element;
    select(element).call(this.#zoomer).on('dblclick.zoom', null);
    return () => {
      select(element).on('.zoom', null);
      this.#element = null;
    };
  };

  /** Fits a stretch of the tape into the window. */
  show({ from, to }: Stretch): void {
    if (!this.#element || this.width < 60) return;
    const margin = Math.min(70, this.width / 6);
    const k = Math.min(LARGEST, (this.width - 2 * margin) / Math.max(1, to - from));
    this.#zoomer.transform(select(this.#element), zoomIdentity.translate(margin - from * k, 0).scale(k));
  }

  /** Nearer or farther; the place given keeps where it is. */
  zoomBy(factor: number, about: number): void {
    if (this.#element) this.#zoomer.scaleBy(select(this.#element), factor, [this.place(about), 0]);
  }

  /** Leaves the tape where a drag has drawn it. */
  keepShift(): void {
    const shift = this.#getShift();
    if (this.#element && shift !== 0) this.#zoomer.translateBy(select(this.#element), shift, 0);
  }

  /** Whether the near centre can be seen and the far one has gone out of sight beyond what a hand would follow. */
  hasLost(far: number): boolean {
    const [near, at] = [this.place(0), this.place(far)];
    const isNearSeen = near > -this.width && near < this.width;
    return isNearSeen && (at > this.width + 2 || at < 0) && this.scale * far < this.width * 2;
  }
}
