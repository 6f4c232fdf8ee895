import { expect } from 'chai';
import fc from 'fast-check';
import { findUnstorable } from './find-unstorable.ts';

/** Said without the expression it is looked for with. */
const isKept = (text: string): boolean =>
  Array.from(text).every((sign) => {
    const code = sign.codePointAt(0)!;
    if (code === 9 || code === 10 || code === 13) return true;
    return code >= 32 && !(code >= 127 && code < 160) && !(code >= 0xd800 && code < 0xe000);
  });
const sign = fc.integer({ min: 0, max: 0xffff }).map((code) => String.fromCharCode(code));
const odd = fc
  .array(
    fc.oneof(
      sign,
      fc.constantFrom('a', '\0', '\f', '\b', '\u001b', '\u0085', '\u007f', '\n', '\t', '\ud83d'),
    ),
    { maxLength: 6 },
  )
  .map((signs) => signs.join(''));

/** A JSON text in which every sign may be written as an escape. */
const escapeAll = (text: string): string =>
  Array.from(
    { length: text.length },
    (_, i) => `\\u${text.charCodeAt(i).toString(16).padStart(4, '0')}`,
  ).join('');

describe('text that cannot be kept', () => {
  it('is found wherever it stands and however it is written, and nothing else is (property)', () => {
    fc.assert(
      fc.property(odd, fc.boolean(), fc.boolean(), (text, isKey, isEscaped) => {
        const written = isEscaped ? `"${escapeAll(text)}"` : JSON.stringify(text);
        const json = isKey ? `{"a":[{"b":1},{${written}:1}]}` : `{"a":[{"b":1},${written}]}`;
        const found = findUnstorable(JSON.parse(json), json);
        const kept = isKept(text) && !(isKey && text === '__proto__');
        expect(found === null).to.equal(kept);
        if (found) expect(found.slice(0, 2)).to.deep.equal(['a', '1']);
      }),
      { seed: 13_024, numRuns: 4000 },
    );
  });

  it('is the name of every object’s own workings too', () => {
    for (const json of ['{"a":{"__proto__":1}}', `{"a":{"${escapeAll('__proto__')}":{}}}`])
      expect(findUnstorable(JSON.parse(json), json)).to.deep.equal(['a', '__proto__']);
    expect(findUnstorable({ a: '__proto__' }, '{"a":"__proto__"}')).to.equal(null);
  });
});
