import { expect } from 'chai';
import type { ShopPart } from '#core/catalogue/shop-part.ts';
import { makeTaperEnd } from '#core/catalogue/taper-end.ts';
import { connect, type Connection } from '#server/db/database.ts';
import { keepShopParts, readShopParts } from '#server/use-cases/keep-shop-parts.ts';
import { mustBe } from '#support/make-run.ts';
import { makeCrew } from '#support/use-cases.ts';
import { makeTestDatabase } from '#support/test-database.ts';

const ACTOR = { crew: 'crewone00' };
const OTHER = { crew: 'crewtwo00' };
const PART: ShopPart = { id: 'shoppart000', name: 'meter nut', kind: 'swivel', material: 'brass', ends: [makeTaperEnd('NPT', '3/4', 'female'), makeTaperEnd('R', '3/4', 'male')], length: 40_000_000, price: 1250, note: '', retired: false }; // prettier-ignore

describe('parts of the shop on a real PostgreSQL', () => {
  let database: { url: string; drop: () => Promise<void> };
  let connection: Connection;
  before(async () => {
    database = await makeTestDatabase();
    connection = connect(database.url, 4);
    for (const { crew } of [ACTOR, OTHER]) await makeCrew(connection.db, crew);
  });
  after(async () => {
    await connection.close();
    await database.drop();
  });

  it('are added, edited and retired; another shop has none of them', async () => {
    const { db } = connection;
    const second = { ...PART, id: 'shoppart001', name: 'long nipple' };
    expect(mustBe(await keepShopParts(db, ACTOR, [PART, second]))).to.deep.equal([PART, second]);
    const edited = { ...PART, price: 1300, retired: true };
    mustBe(await keepShopParts(db, ACTOR, [edited]));
    expect(mustBe(await readShopParts(db, ACTOR))).to.deep.equal([edited, second]);
    expect(mustBe(await readShopParts(db, OTHER))).to.deep.equal([]);
    // Another shop may call its own by the same id and name.
    mustBe(await keepShopParts(db, OTHER, [PART]));
  });

  it('all or none are kept: a name that is taken, an end that is in no list', async () => {
    const { db } = connection;
    const before = mustBe(await readShopParts(db, ACTOR));
    const fresh = { ...PART, id: 'shoppart002', name: 'fresh' };
    const twin = { ...PART, id: 'shoppart003', name: 'Long  nipple' };
    const taken = await keepShopParts(db, ACTOR, [fresh, twin]);
    expect(!taken.ok && taken.refusal).to.deep.equal({ code: 'shop-part-name-taken', name: twin.name });
    const odd = { ...makeTaperEnd('NPT', '3/4', 'male'), size: '7/8' };
    const unlisted = await keepShopParts(db, ACTOR, [fresh, { ...twin, name: 'odd', ends: [odd, odd] }]);
    expect(!unlisted.ok && unlisted.refusal.code).to.equal('shop-part-end-unlisted');
    expect(mustBe(await readShopParts(db, ACTOR))).to.deep.equal(before);
  });

  it('of two that are added under one name at once one is refused', async () => {
    const { db } = connection;
    const [a, b] = await Promise.all(
      ['shoppart010', 'shoppart011'].map((id) =>
        keepShopParts(db, ACTOR, [{ ...PART, id, name: 'only one' }]),
      ),
    );
    expect([a!.ok, b!.ok].filter(Boolean)).to.have.length(1);
  });
});
