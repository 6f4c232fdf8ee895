import { expect } from 'chai';
import fc from 'fast-check';
import { toCssText } from './css-text.ts';

it('a stored text enters a style as numbers only, and reads back as it was', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      const css = toCssText(`${text}"} body { color: red } \f\\`);
      expect(css).to.match(/^"(?:\\[0-9a-f]{6})*"$/);
      const back = css
        .slice(1, -1)
        .replace(/\\([0-9a-f]{6})/g, (_, hex: string) => String.fromCodePoint(Number.parseInt(hex, 16)));
      expect(back.startsWith(text)).to.equal(true);
    }),
  );
});
