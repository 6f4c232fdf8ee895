import { expect } from 'chai';
import { sql } from 'drizzle-orm';
import { CATALOGUE_VERSION } from '#core/catalogue';
import { APP_VERSION, type NewJobInput, type MilestoneInput } from '#core/formats';
import { RULE_PACK_VERSION } from '#core/house-rules';
import type { Change } from '#core/runs/changes';
import { planAddLeg } from '#core/runs/commands';
import { findFinish } from '#core/jobs';
import { getPieces } from '#core/runs/layout';
import { connect, type Connection } from '#server/db/database.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { editJob } from '#server/use-cases/edit-job.ts';
import { importJobs } from '#server/use-cases/import-jobs.ts';
import { keepJobRules } from '#server/use-cases/keep-rules.ts';
import { keepSpecimen } from '#server/use-cases/keep-specimen.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { readUndone } from '#server/use-cases/read-undone.ts';
import { passMilestone } from '#server/use-cases/pass-milestone.ts';
import { readJob } from '#server/use-cases/read-jobs.ts';
import { recordEvent } from '#server/use-cases/record-event.ts';
import { layOut, makeIds, mustBe, newLeg } from '#support/make-run.ts';
import { execute, exportOne, makeCrew, openRunAnswer, sendChange } from '#support/use-cases.ts';
import { makeTestDatabase } from '#support/test-database.ts';

const ACTOR = { crew: 'crewfinish' };
const JOB: NewJobInput = {
  id: 'finishjob0', name: 'Job', place: '', units: 'in', gas: 'natural', jurisdiction: 'us-model', edition: '', people: ['Ada'],
}; // prettier-ignore
const RUN = 'finishrun0';
const AT = '2026-01-02T03:04:05.678Z';
const FINISH = { id: 'milestone01', kind: 'finished', by: 'Ada', reason: '', at: AT } as const;
const SAFE = 'Shut off at the meter, capped.';
const REFUSED = { ok: false, refusal: { code: 'job-finished', by: 'Ada', at: AT } };

describe('finished jobs on a real PostgreSQL', () => {
  let database: { url: string; drop: () => Promise<void> };
  let connection: Connection;
  let made = 0;
  beforeEach(async () => {
    database = await makeTestDatabase();
    connection = connect(database.url, 8);
    await makeCrew(connection.db, ACTOR.crew);
    mustBe(await openJob(connection.db, ACTOR, JOB));
    mustBe(await beginRun(connection.db, ACTOR, JOB.id, { id: RUN, name: 'Run' }));
  });
  afterEach(async () => {
    await connection.close();
    await database.drop();
  });

  const read = async () => mustBe(await openRunAnswer(connection.db, ACTOR, JOB.id, RUN));
  const send = (change: Change) => sendChange(connection.db, ACTOR, JOB.id, RUN, change);
  /** Answers what is not done, as it is by then, unless the answer is given. */
  async function pass(input: Omit<MilestoneInput, 'closed'> & Partial<Pick<MilestoneInput, 'closed'>>) {
    const { undone } = mustBe(await readUndone(connection.db, ACTOR, JOB.id));
    const closed = input.kind === 'finished' ? ({ proof: 'not-proved', safe: SAFE, undone } as const) : null;
    return passMilestone(connection.db, ACTOR, JOB.id, { closed, ...input });
  }
  /** One more leg at the end of the run as it stands. */
  async function makeChange(): Promise<Change> {
    const { doc, run } = await read();
    const from = Object.values(doc.legs).at(-1)?.to ?? null;
    const way = Object.keys(doc.legs).length % 2 === 0 ? 'right' : 'down';
    const planned = mustBe(planAddLeg(doc, newLeg(from, way, 20), makeIds(`finish${made++}thing`)));
    return { id: `finishchange${made}`, base: run.revision, by: 'Ada', at: AT, ...planned };
  }

  it('are read and exported, not changed, and keep what they were made under', async () => {
    const { db } = connection;
    const first = await makeChange();
    mustBe(await send(first));
    const job = mustBe(await pass(FINISH));
    const versions = { app: APP_VERSION, catalogue: CATALOGUE_VERSION, rulePack: RULE_PACK_VERSION };
    const undone = [{ run: RUN, name: 'Run', stops: 0, asks: 0, unmeasured: 0, uncut: 1 }];
    const closed = { proof: 'not-proved', safe: SAFE, undone };
    expect(findFinish(job)).to.deep.equal({ ...FINISH, closed, written: versions });
    const then = await read();
    const piece = [...getPieces(layOut(then.doc))][0]!;
    const asked = {
      mark: piece.mark,
      size: piece.size,
      exact: 1,
      onTape: 1,
      catalogueVersion: '1',
      rulePackVersion: '1',
    };
    const tries: Readonly<Record<string, unknown>> = {
      change: await send(await makeChange()),
      event: await recordEvent(db, ACTOR, JOB.id, RUN, {
        id: 'finishevent1',
        kind: 'ticked',
        subject: piece.id,
        runRevision: 1,
        asked,
        said: { length: null, typed: '' },
        instrument: 'tape',
        simulated: false,
        by: 'Ada',
        atDevice: AT,
        atServer: null,
        corrects: null,
      }),
      run: await beginRun(db, ACTOR, JOB.id, { id: 'laterun0001', name: 'Late' }),
      details: await editJob(db, ACTOR, JOB.id, { was: JOB, wanted: { ...JOB, name: 'Other' } }),
      rules: await keepJobRules(db, ACTOR, JOB.id, { was: {}, wanted: { sealant: { option: 'tape' } } }),
      specimen: await keepSpecimen(db, ACTOR, JOB.id, {
        id: 'latespecimen',
        name: 'Late',
        note: '',
        readings: [],
        by: 'Ada',
        at: AT,
      }),
      finish: await pass({ ...FINISH, id: 'milestone02' }),
    };
    for (const [what, tried] of Object.entries(tries)) expect(tried, what).to.deep.equal(REFUSED);
    expect(await read()).to.deep.equal(then);
    expect(mustBe(await readJob(db, ACTOR, JOB.id))).to.deep.equal(job);
    mustBe(await exportOne(db, ACTOR, JOB.id));
  });

  it('answer what was kept before they were finished: sent twice, it is done once', async () => {
    const first = await makeChange();
    const kept = mustBe(await send(first));
    const job = mustBe(await pass(FINISH));
    expect(mustBe(await send(first))).to.deep.equal(kept);
    expect(mustBe(await pass(FINISH))).to.deep.equal(job);
    expect(mustBe(await beginRun(connection.db, ACTOR, JOB.id, { id: RUN, name: 'Run' })).id).to.equal(RUN);
  });

  it('are opened again for a reason, and all of it stays in the record', async () => {
    mustBe(await pass(FINISH));
    const reopen = {
      id: 'milestone03',
      kind: 'reopened',
      by: 'Ada',
      reason: 'A leg was forgotten.',
      at: AT,
    } as const;
    mustBe(await pass(reopen));
    mustBe(await send(await makeChange()));
    const again = await pass({ ...reopen, id: 'milestone04' });
    expect(again).to.deep.equal({ ok: false, refusal: { code: 'job-not-finished', name: 'Job' } });
    const { milestones } = mustBe(await pass({ ...FINISH, id: 'milestone05' }));
    expect(milestones.map(({ kind, reason }) => [kind, reason])).to.deep.equal([
      ['finished', ''],
      ['reopened', 'A leg was forgotten.'],
      ['finished', ''],
    ]);
    for (const statement of [
      sql`update milestones set milestone = '{}'::jsonb`,
      sql`delete from milestones`,
    ]) {
      const error = await execute(connection.db, statement).then(
        () => null,
        (caught: unknown) => caught as Error,
      );
      expect(String(error?.cause)).to.include('never rewritten');
    }
  });

  it('and a change of the same moment: one is first, and what is kept as not done is so', async () => {
    for (let round = 0; round < 6; round++) {
      const change = await makeChange();
      const [sent, finished] = await Promise.all([
        send(change),
        pass({ ...FINISH, id: `milestone1${round}` }),
      ]);
      if (!sent.ok) expect(sent).to.deep.equal(REFUSED);
      if (!finished.ok) {
        // The change came between the look at what is not done and the closing: the answer is of another moment.
        expect(['job-undone', 'job-moving']).to.include(finished.refusal.code);
        mustBe(sent);
        expect(findFinish(mustBe(await readJob(connection.db, ACTOR, JOB.id)))).to.equal(null);
        mustBe(await pass({ ...FINISH, id: `milestone3${round}` }));
      }
      // Whichever was first, what is kept as not done is what is not done.
      const { undone } = mustBe(await readUndone(connection.db, ACTOR, JOB.id));
      expect(findFinish(mustBe(await readJob(connection.db, ACTOR, JOB.id)))?.closed?.undone).to.deep.equal(
        undone,
      );
      expect((await read()).run.revision).to.equal(change.base + (sent.ok ? 1 : 0));
      mustBe(
        await pass({ id: `milestone2${round}`, kind: 'reopened', by: 'Ada', reason: 'Next round.', at: AT }),
      );
    }
  });

  it('come back from a file as finished as they were; a file from before there were any opens all the same', async () => {
    const { db } = connection;
    mustBe(await pass(FINISH));
    const file = mustBe(await exportOne(db, ACTOR, JOB.id));
    const there = { crew: 'crewelsewhere' };
    await makeCrew(db, there.crew);
    mustBe(await importJobs(db, there, JSON.stringify(file)));
    expect(findFinish(mustBe(await readJob(db, there, JOB.id)))).to.deep.equal(file.milestones[0]?.milestone);
    const older: Partial<typeof file> = { ...file };
    delete (older as { milestones?: unknown }).milestones;
    const before = { ...older, version: 1, job: { ...file.job, id: 'finishjob1' }, runs: [] };
    mustBe(await importJobs(db, there, JSON.stringify({ porthole: 'jobs', version: 1, jobs: [before] })));
    expect(mustBe(await readJob(db, there, 'finishjob1')).milestones).to.deep.equal([]);
  });

  it('of a job that is not there is refused', async () => {
    const refused = await passMilestone(connection.db, ACTOR, 'nosuchjob00', { ...FINISH, closed: null });
    expect(refused).to.deep.equal({ ok: false, refusal: { code: 'job-unknown', job: 'nosuchjob00' } });
  });

  it('are closed only with an answer to what is not done by then, and keep it', async () => {
    const { db } = connection;
    mustBe(await send(await makeChange()));
    const finish = (closed: MilestoneInput['closed'], look?: Parameters<typeof passMilestone>[4]) =>
      passMilestone(db, ACTOR, JOB.id, { ...FINISH, closed }, look);
    const { undone } = mustBe(await readUndone(db, ACTOR, JOB.id));
    expect(undone).to.deep.equal([{ run: RUN, name: 'Run', stops: 0, asks: 0, unmeasured: 0, uncut: 1 }]);
    const told = { ok: false, refusal: { code: 'job-undone', undone } };
    const answer = { proof: 'not-proved', safe: SAFE, undone } as const;
    expect(await finish(null)).to.deep.equal(told);
    expect(await finish({ ...answer, undone: [] })).to.deep.equal(told);
    expect(await finish({ ...answer, undone: [{ ...undone[0]!, uncut: 2 }] })).to.deep.equal(told);
    // Somebody goes on between the look and the closing.
    const moved = await finish(answer, async () => {
      const looked = await readUndone(db, ACTOR, JOB.id);
      mustBe(await send(await makeChange()));
      return looked;
    });
    expect(moved).to.deep.equal({ ok: false, refusal: { code: 'job-moving' } });
    const now = mustBe(await readUndone(db, ACTOR, JOB.id)).undone;
    expect(now[0]!.uncut).to.equal(2);
    expect(findFinish(mustBe(await finish({ ...answer, undone: now })))?.closed).to.deep.equal({
      ...answer,
      undone: now,
    });
    // A job in which nothing was laid out has nothing to answer.
    mustBe(await openJob(db, ACTOR, { ...JOB, id: 'emptyjob001' }));
    const empty = mustBe(
      await passMilestone(db, ACTOR, 'emptyjob001', { ...FINISH, id: 'milestone09', closed: null }),
    );
    expect(findFinish(empty)?.closed).to.equal(null);
  });

  it('of before anybody was asked say nothing of it', async () => {
    const { db } = connection;
    const before = { ...FINISH, written: { app: '1', catalogue: '1', rulePack: '1' } };
    await db.transaction((tx) =>
      tx.execute(
        sql`insert into milestones (crew, id, job, milestone) values (${ACTOR.crew}, ${FINISH.id}, ${JOB.id}, ${JSON.stringify(before)}::jsonb)`,
      ),
    );
    expect(findFinish(mustBe(await readJob(db, ACTOR, JOB.id)))?.closed).to.equal(null);
  });
});
