import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { makePartsTableSchema } from '../../../../scripts/make-json-schema.ts';
import { makeRandom } from '#support/random-run.ts';
import {
  standardCatalogue,
  toPlainEnd,
  listEnds,
  isListedEnd,
  refuseShopPart,
  ShopPartNames,
  SHOP_PART_KINDS,
  SHOP_PART_MATERIALS,
  toPart,
  type ShopPart,
  makeTaperEnd,
} from '#core/catalogue';
import type { End } from '#core/ends';
import { millimetres } from '#core/units';
import { readEndCode, writeEndCode } from './end-code.ts';
import { shopPartSchema } from './shop-part.schema.ts';
import { makeShopPartsTable, readShopPartsTable } from './shop-parts-csv.ts';

const { ends: registry } = standardCatalogue;
const ALL: readonly End[] = listEnds(registry.threads, registry.tubes)
  .map(toPlainEnd)
  .filter(({ kind }) => kind !== 'unknown');
const PART: ShopPart = {
  id: 'shoppart000',
  name: 'meter nut',
  kind: 'swivel',
  material: 'brass',
  ends: [makeTaperEnd('NPT', '3/4', 'female', 'brass'), makeTaperEnd('R', '3/4', 'male', 'brass')],
  length: millimetres(41.3),
  price: 1250,
  note: 'from the top shelf',
  retired: false,
};
const newId = () => 'newpart0000';

describe('parts of the shop’s own', () => {
  it('every end there is is written as text and read back', () => {
    for (const end of ALL) expect(readEndCode(writeEndCode(end)), writeEndCode(end)).to.deep.equal(end);
    for (const wrong of [
      '',
      'npt-male',
      'tube gold 1/2',
      'flange 9 class-150',
      'npt-1/2-male | seat 12',
      'socket glued copper 15 mm',
    ])
      expect(readEndCode(wrong), wrong).to.equal(null);
  });

  const SEED = 20_420;
  it(`random parts go through a table unaltered, in any order of its columns (seed ${SEED})`, () => {
    const random = makeRandom(SEED);
    const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(random() * values.length)]!;
    const ends = ALL.filter(({ kind }) => kind !== 'union-half');
    const parts = Array.from({ length: 200 }, (_, i): ShopPart => ({
      id: `shoppart${String(i).padStart(4, '0')}`,
      name: pick(['long “nipple”', 'a, b', 'meter nut', '½ in thing']) + String(i),
      kind: pick(SHOP_PART_KINDS),
      material: pick(SHOP_PART_MATERIALS),
      ends: [pick(ends), pick(ends)],
      length: random() < 0.3 ? null : millimetres(Math.ceil(random() * 9_000) / 8),
      price: random() < 0.3 ? null : Math.floor(random() * 10_000),
      note: pick(['', 'second shelf']),
      retired: random() < 0.2,
    }));
    for (const part of parts)
      expect(shopPartSchema.validate(part).error, JSON.stringify(part)).to.equal(undefined);
    const table = makeShopPartsTable(parts);
    const read = readShopPartsTable(table, newId);
    expect(read.ok && read.value).to.deep.equal(parts);
    const turned = readShopPartsTable(
      table.map((row) => row.toReversed()),
      newId,
    );
    expect(turned.ok && turned.value).to.deep.equal(parts);
  });

  it('a table that is none is refused at its line and its column', () => {
    const [headings, row] = makeShopPartsTable([PART]) as [string[], string[]];
    const put = (column: string, cell: string) =>
      readShopPartsTable([headings, row.map((each, i) => (headings[i] === column ? cell : each))], newId);
    for (const [column, cell] of [
      ['kind', 'thing'],
      ['material', 'gold'],
      ['end one', 'npt-9-sideways'],
      ['end two', ''],
      ['length (mm)', 'long'],
      ['length (mm)', '0'],
      ['price', '-3'],
      ['retired', 'maybe'],
      ['name', ''],
    ] as const) {
      const read = put(column, cell);
      expect(!read.ok && read.refusal, `${column} ${cell}`).to.deep.equal({
        code: 'table-cell',
        line: 2,
        column,
        read: cell,
      });
    }
    const none = readShopPartsTable(
      [
        ['name', 'price'],
        ['a', '3'],
      ],
      newId,
    );
    expect(!none.ok && none.refusal.code).to.equal('table-headings');
    expect(readShopPartsTable([headings], newId)).to.deep.equal({
      ok: false,
      refusal: { code: 'table-empty' },
    });
    // A new part has no id yet; a comma is a point.
    const fresh = put('id', '');
    expect(fresh.ok && fresh.value[0]!.id).to.equal('newpart0000');
    const comma = put('price', '12,50');
    expect(comma.ok && comma.value[0]!.price).to.equal(1250);
  });

  it('an end that is in no list, and a name that another has, are refused', () => {
    const isListed = (end: End): boolean => isListedEnd(end, registry);
    const odd: End = {
      kind: 'thread',
      family: 'npt',
      size: '7/8',
      gender: 'male',
      hand: null,
      seat: 'none',
      metal: 'brass',
    };
    expect(
      refuseShopPart({ ...PART, ends: [odd, PART.ends[1]] }, new ShopPartNames([]), isListed),
    ).to.deep.include({ code: 'shop-part-end-unlisted', end: odd });
    const other = { ...PART, id: 'shoppart001', name: ' Meter  NUT' };
    expect(refuseShopPart(other, new ShopPartNames([PART]), isListed)).to.deep.equal({
      code: 'shop-part-name-taken',
      name: other.name,
    });
    expect(refuseShopPart(other, new ShopPartNames([{ ...PART, retired: true }]), isListed)).to.equal(null);
    expect(refuseShopPart(PART, new ShopPartNames([PART]), isListed)).to.equal(null);
  });

  it('each kind is a part with two openings in one line, as long as it was measured', () => {
    for (const kind of SHOP_PART_KINDS) {
      const { ports, seats, id } = toPart({ ...PART, kind });
      expect(id).to.equal('own/shoppart000');
      const [a, b] = ports.map(({ way }) => way.x);
      expect([a, b]).to.deep.equal([-1, 1]);
      const length = ports.reduce(
        (sum, { reach }) => sum + (reach.standing === 'entered' ? reach.length : 0),
        0,
      );
      expect(length).to.equal(PART.length);
      expect(seats.length).to.equal(kind.endsWith('union') ? 1 : 0);
    }
  });

  it('the published schema of the table is made from its columns (npm run schemas), and names every one', () => {
    const published = JSON.parse(readFileSync('static/schemas/porthole-parts-1.schema.json', 'utf8')) as {
      fields: { name: string }[];
    };
    expect(published).to.deep.equal(makePartsTableSchema());
    expect(makeShopPartsTable([])).to.deep.equal([published.fields.map(({ name }) => name)]);
  });
});

describe('rows of the counter', () => {
  const ids = new Set(registry.threads.threads.map(({ id }) => id));
  for (const part of standardCatalogue.counter)
    it(`${part.id} has ends that are listed, and reaches that are none or fit`, () => {
      expect(part.ports).to.have.length(2);
      for (const { end, reach } of part.ports) {
        expect(isListedEnd(end, registry), writeEndCode(end)).to.equal(true);
        if (end.kind === 'thread') expect(ids.has(`${end.family}-${end.size}-${end.gender}`)).to.equal(true);
        if (reach.standing !== 'unknown') expect(reach.length).to.be.greaterThan(0);
      }
      expect(part.id).to.match(/^[a-z][A-Za-z0-9/-]{2,119}$/);
      expect(standardCatalogue.findPartById(part.id)).to.equal(part);
    });
});
