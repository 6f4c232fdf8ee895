import { expect } from 'chai';
import fc from 'fast-check';
import { stringify } from 'csv-stringify/browser/esm/sync';
import {
  toPlainEnd,
  listEnds,
  SHOP_PART_KINDS,
  SHOP_PART_MATERIALS,
  type ShopPart,
  standardCatalogue,
} from '#core/catalogue';
import { makeShopPartsTable, shopPartSchema } from '#core/formats';
import type { Length } from '#core/units';
import { writeTable } from '../../controls/write-table.ts';
import { readPartsFile } from './read-parts-file.ts';

const SEED = 13_023;
const { threads, tubes } = standardCatalogue.ends;
/** Every end that a part of the shop may have. */
const ENDS = listEnds(threads, tubes)
  .map(toPlainEnd)
  .filter(({ kind }) =>
    ['thread', 'tube', 'socket', 'flange', 'fusion-face'].includes(kind),
  ) as ShopPart['ends'][number][];

/** Text as nobody should write it: quotes, what parts cells, what begins a formula, blanks round it, ends of lines, a mark of the order of bytes. */
const odd = fc.constantFrom(
  '"',
  "'",
  ',',
  ';',
  '\t',
  '=',
  '+',
  '-',
  '@',
  '|',
  ' ',
  '\u00a0',
  '\uFEFF',
  '½',
  '”',
  '1',
  'x',
  '0x',
  '1e5',
  'TRUE',
  '#',
  '%',
  '\\',
  '👷',
);
const line = (longest: number) =>
  fc
    .oneof(
      fc.array(odd, { maxLength: 12 }).map((signs) => signs.join('')),
      fc.string({ unit: 'grapheme', maxLength: 20 }),
    )
    .map((text) => text.replace(/[\p{Cc}\p{Cs}]/gu, '').slice(0, longest));
const note = fc
  .array(line(60), { maxLength: 4 })
  .chain((lines) => fc.constantFrom('\n', '\r\n', '\t', ' ').map((by) => lines.join(by)));
const part = fc.record<ShopPart>({
  id: fc.stringMatching(/^[a-z][a-z0-9]{7,39}$/),
  name: line(80).filter((text) => /\S/.test(text)),
  kind: fc.constantFrom(...SHOP_PART_KINDS),
  material: fc.constantFrom(...SHOP_PART_MATERIALS),
  ends: fc.tuple(fc.constantFrom(...ENDS), fc.constantFrom(...ENDS)),
  length: fc.option(
    fc.oneof(
      fc.integer({ min: 1, max: 10_000_000_000 }),
      fc.integer({ min: 1, max: 100_000 }),
    ) as fc.Arbitrary<Length>,
  ),
  price: fc.option(fc.integer({ min: 0, max: 100_000_000 })),
  note,
  retired: fc.boolean(),
});
const isKept = (one: ShopPart): boolean =>
  shopPartSchema.validate(one, { convert: false }).error === undefined;

describe('the table of a shop’s own parts, as a file', () => {
  it(`gives back every part that may be kept, as it is, whatever parts its cells (property, seed ${SEED})`, () => {
    let held = 0;
    fc.assert(
      fc.property(fc.array(part.filter(isKept), { minLength: 1, maxLength: 6 }), (parts) => {
        held += parts.length;
        const read = readPartsFile(writeTable(stringify, makeShopPartsTable(parts)), () => 'newpart0000');
        expect(read).to.deep.equal({ ok: true, value: parts });
      }),
      { seed: SEED, numRuns: 1500 },
    );
    expect(held).to.be.greaterThan(3000);
  }).timeout(60_000);

  it('refuses one of more lines than a shop keeps parts, whatever stands in them', () => {
    const text = `${makeShopPartsTable([])[0]!.join()}\r\n${'what is this\r\n'.repeat(2001)}`;
    const refused = readPartsFile(text, () => 'newpart0000');
    expect(refused).to.deep.equal({
      ok: false,
      refusal: { code: 'table-too-long', lines: 2001, most: 2000 },
    });
  });

  it('does so for every end there is', () => {
    const parts = ENDS.map((end, i): ShopPart => ({
      id: `endpart${String(i).padStart(5, '0')}`,
      name: `part ${i}`,
      kind: 'coupling',
      material: 'brass',
      ends: [end, ENDS.at(-1 - i)!],
      length: null,
      price: null,
      note: '',
      retired: false,
    }));
    expect(
      readPartsFile(writeTable(stringify, makeShopPartsTable(parts)), () => 'newpart0000'),
    ).to.deep.equal({ ok: true, value: parts });
  });
});
