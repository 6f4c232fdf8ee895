import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { readRunDoc } from '#core/formats';
import { applyOps, type PlannedChange } from '#core/runs/changes';
import { planChooseRule } from '#core/runs/commands';
import { RUN_SCHEMA, type RunDoc } from '#core/runs/document';
import { FIRST_CREW } from '#server/actor.ts';
import { connect, type Connection } from '#server/db/database.ts';
import { changes, runs } from '#server/db/schema/schema.ts';
import { importJobs } from '#server/use-cases/import-jobs.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { mustBe } from '#support/make-run.ts';
import { exportOne, makeCrew, openRunAnswer, sendChange } from '#support/use-cases.ts';
import { makeTestDatabase } from '#support/test-database.ts';

const ACTOR = { crew: FIRST_CREW };
const details = { place: '', units: 'in', gas: 'natural', jurisdiction: 'us-model', edition: '' } as const;

interface History {
  readonly begun: RunDoc;
  readonly changes: readonly PlannedChange[];
  readonly doc: RunDoc;
}

describe('a database that older versions wrote into', () => {
  let database: Awaited<ReturnType<typeof makeTestDatabase>>;
  let connection: Connection;
  before(async () => {
    database = await makeTestDatabase();
    connection = connect(database.url);
    await makeCrew(connection.db, FIRST_CREW);
  });
  after(async () => {
    await connection.close();
    await database.drop();
  });

  for (let version = 1; version < RUN_SCHEMA; version++) {
    it(`version ${version}: a run is read, goes on, and is the same in the file it came in`, async () => {
      const { db } = connection;
      const all = JSON.parse(
        readFileSync(`tests/support/histories/version-${version}.json`, 'utf8'),
      ) as History[];
      const { changes: made, doc } = all[0]!;
      const [job, run] = [`olderjob00${version}`, `olderrun00${version}`];
      mustBe(await openJob(db, ACTOR, { id: job, name: `Job ${version}`, people: [], ...details }));
      const kept = { ...doc, id: run };
      await db.use(async (on) => {
        await on
          .insert(runs)
          .values({ crew: FIRST_CREW, id: run, job, name: 'Run', doc: kept, revision: made.length });
        await on.insert(changes).values(
          made.map(({ label, ops }, base) => ({
            crew: FIRST_CREW,
            id: `older${version}change${base}`,
            run,
            revision: base + 1,
            base,
            by: 'A',
            label,
            ops,
            at: new Date('2026-01-01T08:00:00.000Z'),
          })),
        );
      });
      const carried = mustBe(readRunDoc(kept));
      expect(mustBe(readRunDoc(mustBe(await openRunAnswer(db, ACTOR, job, run)).doc))).to.deep.equal(carried);
      const before = JSON.stringify(mustBe(await exportOne(db, ACTOR, job)));
      expect(mustBe(await importJobs(db, ACTOR, before)).map(({ outcome }) => outcome)).to.deep.equal([
        'already-here',
      ]);

      const planned = planChooseRule(carried, 'length-method', { option: 'face-plus-make-in' });
      const change = {
        id: `older${version}next`,
        base: made.length,
        by: 'A',
        at: '2026-01-02T08:00:00.000Z',
        ...planned,
      };
      mustBe(await sendChange(db, ACTOR, job, run, change));
      const next = mustBe(await openRunAnswer(db, ACTOR, job, run));
      expect([next.run.revision, next.doc.schema]).to.deep.equal([made.length + 1, RUN_SCHEMA]);
      expect(next.doc).to.deep.equal(mustBe(applyOps(carried, planned.ops)));
      const after = JSON.stringify(mustBe(await exportOne(db, ACTOR, job)));
      expect(mustBe(await importJobs(db, ACTOR, after)).map(({ outcome }) => outcome)).to.deep.equal([
        'already-here',
      ]);
      // What was exported before the change comes in beside it, once.
      const outcomes = [await importJobs(db, ACTOR, before), await importJobs(db, ACTOR, before)].map(mustBe);
      expect(outcomes.flat().map(({ outcome }) => outcome)).to.deep.equal(['copied', 'already-here']);
    });
  }
});
