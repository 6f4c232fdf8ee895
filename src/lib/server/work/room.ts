/** How much may be in hand at once: pieces of work, and bytes that are held for them. */
export interface Space {
  readonly tasks: number;
  readonly bytes: number;
}

/**
 * Counts what is in hand, whatever waits or is being done: what would be too much is not taken in. One that is alone is always taken, however large.
 */
export class Room {
  readonly #space: Space;
  #tasks = 0;
  #bytes = 0;

  constructor(space: Space) {
    this.#space = space;
  }

  /** Takes one more in; gives what ends it (once, however often it is called), or null where there is no room. */
  enter(bytes = 0): (() => void) | null {
    const isTooMuch = this.#tasks >= this.#space.tasks || this.#bytes + bytes > this.#space.bytes;
    if (this.#tasks > 0 && isTooMuch) return null;
    this.#tasks++;
    this.#bytes += bytes;
    let isIn = true;
    return () => {
      if (!isIn) return;
      isIn = false;
      this.#tasks--;
      this.#bytes -= bytes;
    };
  }
}
