import type { Point } from '#core/geometry';
import type { LabelPlace } from './label-box.ts';

/** Cells are numbered by 15 bits of column and 15 of row: small whole numbers, of which a set is asked fastest. */
const BITS = 15;
const ALL = 2 ** BITS - 1;

/**
 * What is taken on a sheet, by the cells of a grid: hundreds of labels look for room at every edit, so that a place is
 * looked at point by point, a cell apart, and nothing is put together for it.
 */
export class TakenRoom {
  readonly #size: number;
  readonly #cells = new Set<number>();
  /** The turn asked about last (degrees): the places of one label have one. */
  #turn = 0;
  #cos = 1;
  #sin = 0;

  /** `size`: of a cell, about two thirds of a letter. */
  constructor(size: number) {
    this.#size = size;
  }

  takeLine(from: Point, to: Point): void {
    this.#walk(from.x, from.y, to.x - from.x, to.y - from.y, true, Infinity);
  }
  countLine(from: Point, to: Point): number {
    return this.#walk(from.x, from.y, to.x - from.x, to.y - from.y, false, Infinity);
  }
  takeLabel(place: LabelPlace, width: number, height: number): void {
    this.#walkLabel(place, width, height, true, Infinity);
  }
  /** How many taken cells lie under a label; counting ends where it comes to `enough`. */
  countLabel(place: LabelPlace, width: number, height: number, enough = Infinity): number {
    return this.#walkLabel(place, width, height, false, enough);
  }

  /** A label is walked along in rows a cell apart. */
  #walkLabel({ at, turn }: LabelPlace, width: number, height: number, take: boolean, enough: number): number {
    if (turn !== this.#turn) {
      this.#turn = turn;
      this.#cos = Math.cos((turn * Math.PI) / 180);
      this.#sin = Math.sin((turn * Math.PI) / 180);
    }
    const [cos, sin] = [this.#cos, this.#sin];
    // Rows at most a cell apart: between two that are farther a whole label could hide.
    const rows = Math.max(1, Math.ceil(height / this.#size));
    let hits = 0;
    for (let row = 0; row < rows && hits < enough; row++) {
      const off = height * ((row + 0.5) / rows - 0.5);
      const x = at.x - (cos * width) / 2 - sin * off;
      const y = at.y - (sin * width) / 2 + cos * off;
      hits += this.#walk(x, y, cos * width, sin * width, take, enough - hits);
    }
    return hits;
  }

  #walk(x: number, y: number, dx: number, dy: number, take: boolean, enough: number): number {
    const size = this.#size;
    const steps = Math.max(1, Math.ceil(Math.sqrt(dx * dx + dy * dy) / size));
    let hits = 0;
    for (let i = 0; i <= steps; i++) {
      const column = Math.round((x + (dx * i) / steps) / size) & ALL;
      const cell = (column << BITS) | (Math.round((y + (dy * i) / steps) / size) & ALL);
      if (take) this.#cells.add(cell);
      else if (this.#cells.has(cell) && ++hits >= enough) return hits;
    }
    return hits;
  }
}
