/** A control character, half a character or the name of every object's own workings, as such; or what JSON may write for them. */
const SUSPECT = /\\[ubf]|__proto__|[^\P{Cc}\n\r\t]|\p{Cs}/u;
const UNSTORABLE = /[^\P{Cc}\n\r\t]|\p{Cs}/u;

/**
 * Where a value holds text that is not kept (a control character but the end of a line and a tab, a lone surrogate), or a name that reading it would leave out without a word, as keys and places from the outside in; null when
 * there is none. `text` is what it was read from: mostly a look at it is enough.
 */
export const findUnstorable = (value: unknown, text: string): readonly string[] | null =>
  SUSPECT.test(text) ? find(value) : null;

function find(value: unknown): readonly string[] | null {
  if (typeof value === 'string') return UNSTORABLE.test(value) ? [] : null;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, each] of Object.entries(value)) {
    if (UNSTORABLE.test(key)) return ['…'];
    if (key === '__proto__') return [key];
    const inside = find(each);
    if (inside) return [key, ...inside];
  }
  return null;
}
