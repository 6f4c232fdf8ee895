import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';
import { unpackFont } from './unpack-font.ts';

const { resolve } = createRequire(import.meta.url);
const packed = (weight: number): Buffer =>
  readFileSync(resolve(`@fontsource/barlow/files/barlow-latin-${weight}-normal.woff`));

const TEXTS = ['Porthole', '3/4 × 12 1/2 in', 'ÄÖÜ ß é ç', '90° «to the left»', 'AVAVA fi fl'];
/** How wide texts are set, and how high a line is: what the font itself says. */
const measure = (font: Uint8Array): number[] => {
  const doc = new PDFDocument().registerFont('one', font).font('one').fontSize(10);
  return [...TEXTS.map((text) => doc.widthOfString(text)), doc.currentLineHeight()];
};

describe('a packed font', () => {
  for (const weight of [400, 600])
    it(`of weight ${weight} sets texts as before when it is unpacked, each table whole by its sum`, () => {
      const font = unpackFont(packed(weight));
      expect(measure(font)).to.eql(measure(packed(weight)));
      const view = new DataView(font.buffer);
      for (let i = 0; i < view.getUint16(4); i++) {
        const at = 12 + i * 16;
        const tag = String.fromCharCode(...font.subarray(at, at + 4));
        const [sum, offset, size] = [4, 8, 12].map((field) => view.getUint32(at + field)) as [
          number,
          number,
          number,
        ];
        let found = 0;
        for (let k = 0; k < size; k += 4) {
          // The head's own sum over the whole font is left out of it.
          const isOwn = tag === 'head' && k === 8;
          if (!isOwn) found = (found + view.getUint32(offset + k)) >>> 0;
        }
        expect(found, tag).to.equal(sum);
      }
    });

  it('that is none is not taken for one', () => {
    expect(() => unpackFont(new Uint8Array(64))).to.throw('not packed as expected');
  });
});
