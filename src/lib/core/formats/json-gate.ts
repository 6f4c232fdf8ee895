/** What a JSON text may be made of before anything is built from it. */
export interface JsonBounds {
  /** Lists and objects within one another. */
  readonly depth: number;
  /** Lists and objects altogether: each costs many times its two signs once it is read. */
  readonly groups: number;
}

const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [34, 92, 91, 93, 123, 125];

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
    for (const byte of bytes) {
      if (this.#isText) {
        if (this.#isEscaped) this.#isEscaped = false;
        else if (byte === BACKSLASH) this.#isEscaped = true;
        else if (byte === QUOTE) this.#isText = false;
      } else if (byte === QUOTE) this.#isText = true;
      else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
        if (++this.#depth > this.#bounds.depth || ++this.#groups > this.#bounds.groups) return false;
      } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) this.#depth--;
    }
    return true;
  }
}
