import { expect } from 'chai';
import type { ChangeInFile, RunsPage } from '#core/formats';
import { newRun } from '#core/runs/document';
import { FIRST_CREW } from '#server/actor.ts';
import { connect, type Connection } from '#server/db/database.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { importJobs } from '#server/use-cases/import-jobs.ts';
import { readHistory } from '#server/use-cases/read-history.ts';
import { readJob, readJobs, readRuns } from '#server/use-cases/read-jobs.ts';
import { toChangeText } from '#server/work/read-change.ts';
import { makeNodeChange } from '#support/disturbed-writers.ts';
import { makeRandomJobFile } from '#support/make-job-file.ts';
import { makeLongHistory } from '#support/make-long-history.ts';
import { mustBe } from '#support/make-run.ts';
import { makeTestDatabase, type TestDatabase } from '#support/test-database.ts';
import { makeCrew } from '#support/use-cases.ts';
import { sayRefusal } from '#words/refusals.ts';

const ACTOR = { crew: FIRST_CREW };

describe('what grows is given by pages', () => {
  let database: TestDatabase;
  let connection: Connection;
  before(async () => {
    database = await makeTestDatabase();
    connection = connect(database.url, 2);
    await makeCrew(connection.db, FIRST_CREW);
  });
  after(async () => {
    await connection.close();
    await database.drop();
  });

  it('a long history, and tells of the newest alone to whoever is stale', async () => {
    const [job, run, count] = ['longjob001', 'longrun001', 930];
    mustBe(await importJobs(connection.db, ACTOR, JSON.stringify(makeLongHistory(job, run, count))));
    let all: ChangeInFile[] = [];
    for (let before: number | null = null, pages = 1; all.length < count; pages++) {
      const page = mustBe(await readHistory(connection.db, ACTOR, job, run, before)).read() as ChangeInFile[];
      expect(page).to.have.length.within(1, 200);
      expect(page.at(-1)!.revision).to.equal(count - all.length);
      all = [...page, ...all];
      before = page[0]!.revision;
      expect(pages).to.be.below(20);
    }
    expect(all.map(({ revision }) => revision)).to.deep.equal(Array.from({ length: count }, (_, i) => i + 1));
    expect(mustBe(await readHistory(connection.db, ACTOR, job, run, 1)).read()).to.deep.equal([]);
    const stale = await acceptChange(
      connection.db,
      ACTOR,
      job,
      run,
      toChangeText(makeNodeChange('latecomer1', 'latepoint1', 3)),
    );
    if (stale.ok || stale.refusal.code !== 'change-stale') throw new Error('not stale');
    expect(stale.refusal).to.include({ base: 3, revision: count });
    expect(stale.refusal.since.map(({ revision }) => revision)).to.deep.equal(
      Array.from({ length: 20 }, (_, i) => count - 19 + i),
    );
    expect(sayRefusal(stale.refusal)).to.include(`${count - 3} edits`);
  });

  it('the runs of a job, each run once, in their order', async () => {
    const job = 'manyruns01';
    const file = makeRandomJobFile(4);
    const runs = Array.from({ length: 131 }, (_, i) => {
      const id = `manyrun${String((i * 37) % 131).padStart(4, '0')}`;
      const doc = newRun(id, '1', {});
      // Several of one moment: the id says which comes first.
      const createdAt = `2026-01-02T03:${String(Math.floor(i / 9)).padStart(2, '0')}:05.678Z`;
      return {
        id,
        name: `Run ${i}`,
        revision: 0,
        createdAt,
        changedAt: createdAt,
        doc,
        changes: [],
        events: [],
      };
    });
    mustBe(
      await importJobs(
        connection.db,
        ACTOR,
        JSON.stringify({ ...file, job: { ...file.job, id: job }, runs }),
      ),
    );
    const found = mustBe(await readJob(connection.db, ACTOR, job));
    expect([found.runs.length, found.runCount]).to.deep.equal([40, 131]);
    const all = [...found.runs];
    for (let next: string | null = all.at(-1)!.id; next !== null;) {
      const page: RunsPage = mustBe(await readRuns(connection.db, ACTOR, job, next));
      expect(page.runs).to.have.length.within(1, 40);
      all.push(...page.runs);
      next = page.next;
    }
    const order = [...runs].sort(
      (a, b) => a.createdAt.localeCompare(b.createdAt) || a.id.localeCompare(b.id),
    );
    expect(all.map(({ id }) => id)).to.deep.equal(order.map(({ id }) => id));
    const listed = mustBe(await readJobs(connection.db, ACTOR)).jobs.find(({ id }) => id === job)!;
    expect(listed).to.deep.equal(found);
    const unknown = await readRuns(connection.db, ACTOR, job, 'otherrun001');
    expect(!unknown.ok && unknown.refusal.code).to.equal('run-unknown');
  });
});
