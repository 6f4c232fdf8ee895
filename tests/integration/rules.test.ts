import { expect } from 'chai';
import { resolveRules, type RuleChoices } from '#core/house-rules';
import { connect, type Connection } from '#server/db/database.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { keepJobRules, keepShopRules, readShopRules } from '#server/use-cases/keep-rules.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { readJob } from '#server/use-cases/read-jobs.ts';
import { mustBe } from '#support/make-run.ts';
import { makeCrew, openRunAnswer } from '#support/use-cases.ts';
import { makeTestDatabase } from '#support/test-database.ts';

const ACTOR = { crew: 'crewone00' };

describe('house rules on a real PostgreSQL', () => {
  let database: { url: string; drop: () => Promise<void> };
  let connection: Connection;
  before(async () => {
    database = await makeTestDatabase();
    connection = connect(database.url, 2);
    await makeCrew(connection.db, ACTOR.crew);
  });
  after(async () => {
    await connection.close();
    await database.drop();
  });

  const open = async (id: string, jurisdiction: 'us-model' | 'uk') => {
    const details = { name: id, place: '', units: 'in', gas: 'natural', edition: '', people: [] } as const;
    return mustBe(await openJob(connection.db, ACTOR, { id, ...details, jurisdiction }));
  };

  it('go from shop to job to run, each a copy that what is changed above leaves alone', async () => {
    const { db } = connection;
    const shop: RuleChoices = { 'leak-fluid': { option: 'freeze-proof' } };
    mustBe(await keepShopRules(db, ACTOR, { was: {}, wanted: shop }));
    expect(mustBe(await readShopRules(db, ACTOR))).to.deep.equal(shop);
    const job = await open('rulesjob001', 'uk');
    expect(job.ruleChoices).to.deep.include({
      'leak-fluid': { option: 'freeze-proof' },
      compression: { option: 'accessible' },
    });
    mustBe(await keepShopRules(db, ACTOR, { was: {}, wanted: { compression: { option: 'forbidden' } } }));
    expect(mustBe(await readJob(db, ACTOR, job.id)).ruleChoices['leak-fluid']).to.deep.equal({
      option: 'freeze-proof',
    });
    mustBe(await beginRun(db, ACTOR, job.id, { id: 'rulesrun001', name: 'Before' }));
    mustBe(
      await keepJobRules(db, ACTOR, job.id, {
        was: job.ruleChoices,
        wanted: { ...job.ruleChoices, 'leak-fluid': { option: 'soap' } },
      }),
    );
    mustBe(await beginRun(db, ACTOR, job.id, { id: 'rulesrun002', name: 'After' }));
    const fluids = await Promise.all(
      ['rulesrun001', 'rulesrun002'].map(
        async (run) =>
          resolveRules(mustBe(await openRunAnswer(db, ACTOR, job.id, run)).doc.ruleChoices)['leak-fluid'],
      ),
    );
    expect(fluids).to.deep.equal([{ option: 'freeze-proof' }, { option: 'soap' }]);
  });

  it('the shop goes before the place of the job', async () => {
    const job = await open('rulesjob002', 'uk');
    expect(job.ruleChoices.compression).to.deep.equal({ option: 'forbidden' });
    expect(job.ruleChoices['soft-solder']).to.deep.equal({ option: 'capillary' });
  });

  it('two who change different rules from what both read have both their way; of one rule the second is told', async () => {
    const { db } = connection;
    const job = await open('rulesjob003', 'us-model');
    const was = job.ruleChoices;
    mustBe(
      await keepJobRules(db, ACTOR, job.id, { was, wanted: { ...was, 'leak-fluid': { option: 'soap' } } }),
    );
    mustBe(await keepJobRules(db, ACTOR, job.id, { was, wanted: { ...was, sealant: { option: 'tape' } } }));
    const kept = mustBe(await readJob(db, ACTOR, job.id)).ruleChoices;
    expect(kept).to.deep.include({ 'leak-fluid': { option: 'soap' }, sealant: { option: 'tape' } });
    const again = await keepJobRules(db, ACTOR, job.id, {
      was,
      wanted: { ...was, sealant: { option: 'cord' } },
    });
    expect(!again.ok && again.refusal).to.deep.equal({
      code: 'changed-elsewhere',
      of: 'rules',
      name: '',
      fields: ['sealant'],
    });
    expect(mustBe(await readJob(db, ACTOR, job.id)).ruleChoices).to.deep.equal(kept);
  });

  it('of a job that is not there are refused', async () => {
    const kept = await keepJobRules(connection.db, ACTOR, 'nosuchjob00', { was: {}, wanted: {} });
    expect(kept).to.deep.equal({ ok: false, refusal: { code: 'job-unknown', job: 'nosuchjob00' } });
  });
});
