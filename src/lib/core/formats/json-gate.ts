/** What a JSON text may be made of before anything is built from it. */
export interface JsonBounds {
  /** Lists and objects within one another. */
  readonly depth: number;
  /** Lists and objects altogether: each costs many times its two signs once it is read. */
  readonly groups: number;
}

const QUOTE = 34;
const BACKSLASH = 92;
const [OPEN_LIST, CLOSE_LIST] = [91, 93] as const;
const [OPEN_OBJECT, CLOSE_OBJECT] = [123, 125] as const;

/**
 * Watches the bytes of a JSON text (UTF-8) go by and says as soon as they nest deeper, or hold more, than is taken. It does not
 * read the text: what is damaged is told by who reads it.
 */
export class JsonGate {
  readonly #bounds: JsonBounds;
  #depth = 0;
  #groups = 0;
  #isText = false;
  #isEscaped = false;

  constructor(bounds: JsonBounds) {
    this.#bounds = bounds;
  }

  /** Takes the next bytes; false as soon as a bound is passed. */
  pass(bytes: Uint8Array): boolean {
    const { depth: deepest, groups: most } = this.#bounds;
    let [depth, groups, isText, isEscaped] = [this.#depth, this.#groups, this.#isText, this.#isEscaped];
    for (const byte of bytes) {
      if (isText) {
        if (isEscaped) isEscaped = false;
        else if (byte === BACKSLASH) isEscaped = true;
        else if (byte === QUOTE) isText = false;
      } else if (byte === QUOTE) isText = true;
      else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
        if (++depth > deepest || ++groups > most) return false;
      } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) depth--;
    }
    [this.#depth, this.#groups, this.#isText, this.#isEscaped] = [depth, groups, isText, isEscaped];
    return true;
  }
}
