/** Milliseconds: faster than any finger comes back. */
const AT_ONCE = 15;

/** A gloved finger bounces and drags: presses that follow one another faster than a hand means them are one press. */
export class PressGuard {
  readonly #pause: number;
  #last = -Infinity;

  /** `pause`: milliseconds within which a second press is not meant. */
  constructor(pause: number) {
    this.#pause = pause;
  }

  /** Whether a press at `at` (ms) is meant. One that is not does not hold up the next. */
  takes(at: number): boolean {
    const since = at - this.#last;
    // A label passes its press on to its field at once: that is the same press.
    if (since > AT_ONCE && since < this.#pause) return false;
    this.#last = at;
    return true;
  }
}
