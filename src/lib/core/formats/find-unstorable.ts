/** A NUL or half a character, as such or as JSON escapes it. */
const SUSPECT = /\\u(?:0000|d[89a-f][0-9a-f]{2})|\0|\p{Cs}/iu;
const UNSTORABLE = /\0|\p{Cs}/u;

/**
 * Where a value holds text that no database keeps (NUL, a lone surrogate), as keys and places from the outside in; null when
 * there is none. `text` is what it was read from: mostly a look at it is enough.
 */
export const findUnstorable = (value: unknown, text: string): readonly string[] | null =>
  SUSPECT.test(text) ? find(value) : null;

function find(value: unknown): readonly string[] | null {
  if (typeof value === 'string') return UNSTORABLE.test(value) ? [] : null;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, each] of Object.entries(value)) {
    if (UNSTORABLE.test(key)) return ['…'];
    const inside = find(each);
    if (inside) return [key, ...inside];
  }
  return null;
}
