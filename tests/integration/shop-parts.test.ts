import { expect } from 'chai';
import { type ShopPart, makeTaperEnd } from '#core/catalogue';
import type { ShopPartsPage } from '#core/formats';
import { LIMITS } from '#core/shapes';
import { connect, type Connection } from '#server/db/database.ts';
import { keepShopParts, readShopParts } from '#server/use-cases/keep-shop-parts.ts';
import { mustBe } from '#support/make-run.ts';
import { makeCrew } from '#support/use-cases.ts';
import { makeTestDatabase } from '#support/test-database.ts';

const ACTOR = { crew: 'crewone00' };
const OTHER = { crew: 'crewtwo00' };
const MANY = { crew: 'crewmany0' };
const PART: ShopPart = {
  id: 'shoppart000',
  name: 'meter nut',
  kind: 'swivel',
  material: 'brass',
  ends: [makeTaperEnd('NPT', '3/4', 'female'), makeTaperEnd('R', '3/4', 'male')],
  length: 40_000_000,
  price: 1250,
  note: '',
  retired: false,
};

describe('parts of the shop on a real PostgreSQL', () => {
  let database: { url: string; drop: () => Promise<void> };
  let connection: Connection;
  before(async () => {
    database = await makeTestDatabase();
    connection = connect(database.url, 4);
    for (const { crew } of [ACTOR, OTHER, MANY]) await makeCrew(connection.db, crew);
  });
  after(async () => {
    await connection.close();
    await database.drop();
  });

  const add = (...parts: ShopPart[]) => parts.map((wanted) => ({ was: null, wanted }));
  const readAll = async (actor: typeof ACTOR) => {
    const parts: ShopPart[] = [];
    for (let after: string | null = null; ;) {
      const page: ShopPartsPage = mustBe(await readShopParts(connection.db, actor, after));
      parts.push(...page.parts);
      after = page.next;
      if (after === null) return parts;
    }
  };

  it('are added, edited and retired; another shop has none of them', async () => {
    const { db } = connection;
    const second = { ...PART, id: 'shoppart001', name: 'long nipple' };
    expect(mustBe(await keepShopParts(db, ACTOR, add(PART, second)))).to.deep.equal([PART, second]);
    const edited = { ...PART, price: 1300, retired: true };
    mustBe(await keepShopParts(db, ACTOR, [{ was: PART, wanted: edited }]));
    expect(await readAll(ACTOR)).to.deep.equal([edited, second]);
    expect(await readAll(OTHER)).to.deep.equal([]);
    // Another shop may call its own by the same id and name.
    mustBe(await keepShopParts(db, OTHER, add(PART)));
  });

  it('all or none are kept: a name that is taken, an end that is in no list', async () => {
    const { db } = connection;
    const before = await readAll(ACTOR);
    const fresh = { ...PART, id: 'shoppart002', name: 'fresh' };
    const twin = { ...PART, id: 'shoppart003', name: 'Long  nipple' };
    const taken = await keepShopParts(db, ACTOR, add(fresh, twin));
    expect(!taken.ok && taken.refusal).to.deep.equal({ code: 'shop-part-name-taken', name: twin.name });
    const odd = { ...makeTaperEnd('NPT', '3/4', 'male'), size: '7/8' };
    const unlisted = await keepShopParts(db, ACTOR, add(fresh, { ...twin, name: 'odd', ends: [odd, odd] }));
    expect(!unlisted.ok && unlisted.refusal.code).to.equal('shop-part-end-unlisted');
    expect(await readAll(ACTOR)).to.deep.equal(before);
  });

  it('of two that are added under one name at once one is refused', async () => {
    const { db } = connection;
    const [a, b] = await Promise.all(
      ['shoppart010', 'shoppart011'].map((id) =>
        keepShopParts(db, ACTOR, add({ ...PART, id, name: 'only one' })),
      ),
    );
    expect([a!.ok, b!.ok].filter(Boolean)).to.have.length(1);
  });

  it('two who change one part from what both read: another field is merged, the same field is named and refused', async () => {
    const { db } = connection;
    const part = { ...PART, id: 'shoppart020', name: 'elbow' };
    mustBe(await keepShopParts(db, ACTOR, add(part)));
    const change = (fields: Partial<ShopPart>) =>
      keepShopParts(db, ACTOR, [{ was: part, wanted: { ...part, ...fields } }]);
    mustBe(await change({ price: 1400 }));
    expect(mustBe(await change({ note: 'top shelf' }))).to.deep.equal([
      { ...part, price: 1400, note: 'top shelf' },
    ]);
    const clash = await change({ price: 1500, note: 'top shelf' });
    expect(!clash.ok && clash.refusal).to.deep.equal({
      code: 'changed-elsewhere',
      of: 'part',
      name: 'elbow',
      fields: ['price'],
    });
    // Begun anew on what is there, it is taken.
    const now = { ...part, price: 1400, note: 'top shelf' };
    mustBe(await keepShopParts(db, ACTOR, [{ was: now, wanted: { ...now, price: 1500 } }]));
    // Sent again after a lost answer it is the same; another under its id is not.
    mustBe(await keepShopParts(db, ACTOR, add({ ...now, price: 1500 })));
    const other = await keepShopParts(db, ACTOR, add({ ...now, price: 1600 }));
    expect(!other.ok && other.refusal.code).to.equal('changed-elsewhere');
  });

  it('are read in pages, and no more than the shop may have are taken', async () => {
    const { db } = connection;
    const many = Array.from({ length: LIMITS.shopParts }, (_, i) => ({
      ...PART,
      id: `manypart${String(i).padStart(5, '0')}`,
      name: `part ${i}`,
    }));
    mustBe(await keepShopParts(db, MANY, add(...many)));
    const first = mustBe(await readShopParts(db, MANY, null));
    expect(first.parts.length).to.be.lessThan(many.length / 4);
    expect(await readAll(MANY)).to.deep.equal(many);
    const full = await keepShopParts(db, MANY, add({ ...PART, id: 'onetoomany0', name: 'one too many' }));
    expect(!full.ok && full.refusal).to.deep.equal({ code: 'shop-parts-full', most: LIMITS.shopParts });
  }).timeout(20_000);
});
