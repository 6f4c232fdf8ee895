import { expect } from 'chai';
import { newSheetRow, type MakerSheet } from '#core/catalogue';
import type { SheetsPage } from '#core/formats';
import { LIMITS } from '#core/shapes';
import { inches } from '#core/units';
import { connect, type Connection } from '#server/db/database.ts';
import { keepMakerSheets, readMakerSheets } from '#server/use-cases/keep-maker-sheets.ts';
import { mustBe } from '#support/make-run.ts';
import { makeTestDatabase } from '#support/test-database.ts';
import { makeCrew } from '#support/use-cases.ts';

const ACTOR = { crew: 'crewone00' };
const OTHER = { crew: 'crewtwo00' };
const MANY = { crew: 'crewmany0' };
const SHEET: MakerSheet = {
  id: 'sheet00000',
  maker: 'Quillmere',
  join: 'csst',
  source: 'sheet 1',
  rows: [{ ...newSheetRow('1/2'), radius: inches(4) }],
};

describe('makers’ sheets on a real PostgreSQL', () => {
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

  const add = (...sheets: MakerSheet[]) => sheets.map((wanted) => ({ was: null, wanted }));
  const readAll = async (actor: typeof ACTOR) => {
    const sheets: MakerSheet[] = [];
    for (let after: string | null = null; ;) {
      const page: SheetsPage = mustBe(await readMakerSheets(connection.db, actor, after));
      sheets.push(...page.sheets);
      after = page.next;
      if (after === null) return sheets;
    }
  };

  it('are added, changed and taken away; another shop has none of them', async () => {
    const { db } = connection;
    const second: MakerSheet = { ...SHEET, id: 'sheet00001', maker: 'Tolvane' };
    expect(mustBe(await keepMakerSheets(db, ACTOR, add(SHEET, second)))).to.deep.equal([SHEET, second]);
    const changed = { ...SHEET, source: 'sheet 2' };
    mustBe(await keepMakerSheets(db, ACTOR, [{ was: SHEET, wanted: changed }]));
    expect(await readAll(ACTOR)).to.deep.equal([changed, second]);
    expect(await readAll(OTHER)).to.deep.equal([]);
    mustBe(await keepMakerSheets(db, ACTOR, [{ was: second, wanted: null }]));
    // Taken away twice it is gone once.
    mustBe(await keepMakerSheets(db, ACTOR, [{ was: second, wanted: null }]));
    expect(await readAll(ACTOR)).to.deep.equal([changed]);
    // What is free again may be called so.
    mustBe(await keepMakerSheets(db, ACTOR, add({ ...second, id: 'sheet00002' })));
  });

  it('all or none are kept: a name that is taken, a sheet that does not hold together', async () => {
    const { db } = connection;
    const before = await readAll(ACTOR);
    const fresh: MakerSheet = { ...SHEET, id: 'sheet00010', maker: 'Oskerry' };
    const twin: MakerSheet = { ...fresh, id: 'sheet00011', maker: ' OSKERRY' };
    const twice = await keepMakerSheets(db, ACTOR, add(fresh, twin));
    expect(!twice.ok && twice.refusal).to.deep.include({ code: 'sheet-named-twice', source: 'sheet 1' });
    const odd = { ...twin, maker: 'Odd', rows: [{ ...newSheetRow('15 mm'), radius: inches(4) }] };
    const refused = await keepMakerSheets(db, ACTOR, add(fresh, odd));
    expect(!refused.ok && refused.refusal.code).to.equal('sheet-size');
    expect(await readAll(ACTOR)).to.deep.equal(before);
  });

  it('of two that are added under one name at once one is refused', async () => {
    const both = ['sheet00020', 'sheet00021'].map((id) =>
      keepMakerSheets(connection.db, ACTOR, add({ ...SHEET, id, maker: 'Only one' })),
    );
    expect((await Promise.all(both)).filter(({ ok }) => ok)).to.have.length(1);
  });

  it('two who change one sheet from what both read: another field is merged, the same is named and refused; nobody takes away what he has not seen', async () => {
    const { db } = connection;
    const sheet: MakerSheet = { ...SHEET, id: 'sheet00030', maker: 'Clash' };
    mustBe(await keepMakerSheets(db, ACTOR, add(sheet)));
    const change = (fields: Partial<MakerSheet> | null) =>
      keepMakerSheets(db, ACTOR, [{ was: sheet, wanted: fields && { ...sheet, ...fields } }]);
    mustBe(await change({ rows: [{ ...newSheetRow('3/4'), radius: inches(4) }] }));
    const merged = mustBe(await change({ source: 'sheet 9' }))[0]!;
    expect([merged.source, merged.rows[0]!.size]).to.deep.equal(['sheet 9', '3/4']);
    const clash = await change({ source: 'sheet 8' });
    expect(!clash.ok && clash.refusal).to.deep.equal({
      code: 'changed-elsewhere',
      of: 'sheet',
      name: 'Clash',
      fields: ['source'],
    });
    expect((await change(null)).ok).to.equal(false);
    const other = await keepMakerSheets(db, ACTOR, add(sheet));
    expect(!other.ok && other.refusal.code).to.equal('changed-elsewhere');
    mustBe(await keepMakerSheets(db, ACTOR, [{ was: merged, wanted: null }]));
  });

  it('are read in pages, and no more than a shop keeps are taken', async () => {
    const { db } = connection;
    const many = Array.from({ length: LIMITS.sheets }, (_, i) => ({
      ...SHEET,
      id: `manysheet${String(i).padStart(5, '0')}`,
      maker: `maker ${i}`,
    }));
    mustBe(await keepMakerSheets(db, MANY, add(...many)));
    expect(mustBe(await readMakerSheets(db, MANY, null)).sheets.length).to.be.lessThan(many.length / 4);
    expect(await readAll(MANY)).to.deep.equal(many);
    const full = await keepMakerSheets(db, MANY, add({ ...SHEET, id: 'onetoomany0', maker: 'one too many' }));
    expect(!full.ok && full.refusal).to.deep.equal({ code: 'sheets-full', most: LIMITS.sheets });
  });
});
