import { expect } from 'chai';
import { sql } from 'drizzle-orm';
import { standardCatalogue } from '#core/catalogue';
import type { NewJobInput } from '#core/formats';
import { type Change, type PlannedChange, invertOps, type RunEvent } from '#core/runs/changes';
import { planAddLeg, planChangeMeasure } from '#core/runs/commands';
import { newRun, type RunDoc } from '#core/runs/document';
import { inches } from '#core/units';
import { FIRST_CREW } from '#server/actor.ts';
import { connect, type Connection } from '#server/db/database.ts';
import { isDatabaseAway } from '#server/db/database-away.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { editJob } from '#server/use-cases/edit-job.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { readJob, readJobs } from '#server/use-cases/read-jobs.ts';
import { readStanding } from '#server/use-cases/read-standing.ts';
import { recordEvent } from '#server/use-cases/record-event.ts';
import { getPieces } from '#core/runs/layout';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, newLeg } from '#support/make-run.ts';
import { execute, makeCrew, openRunAnswer, sendChange } from '#support/use-cases.ts';
import { makeTestDatabase } from '#support/test-database.ts';

const ACTOR = { crew: FIRST_CREW };
const JOB: NewJobInput = {
  id: 'testjob000',
  name: 'Job',
  place: 'Here',
  units: 'in',
  gas: 'natural',
  jurisdiction: 'us-model',
  edition: '',
  people: ['Ada', 'Bo'],
};
const RUN = 'testrun000';
const code = (result: { ok: true } | { ok: false; refusal: { code: string } }) =>
  result.ok ? 'ok' : result.refusal.code;

describe('use cases on a real PostgreSQL', () => {
  let database: { url: string; drop: () => Promise<void> };
  let connection: Connection;
  let made = 0;

  const wrap = ({ label, ops }: PlannedChange, base: number): Change => ({
    id: `testchange${made++}`,
    base,
    by: 'Ada',
    at: new Date().toISOString(),
    label,
    ops,
  });
  const send = (change: Change, run = RUN) => sendChange(connection.db, ACTOR, JOB.id, run, change);
  const planLeg = (doc: RunDoc, newId = makeIds(`more${made++}thing`)) =>
    mustBe(
      planAddLeg(
        doc,
        newLeg(
          Object.values(doc.legs).at(-1)?.to ?? null,
          Object.keys(doc.legs).length % 2 === 0 ? 'right' : 'down',
          20,
        ),
        newId,
      ),
    );
  const read = async () => mustBe(await openRunAnswer(connection.db, ACTOR, JOB.id, RUN));

  beforeEach(async () => {
    database = await makeTestDatabase();
    connection = connect(database.url, 8);
    mustBe(await openJob(connection.db, ACTOR, JOB));
    mustBe(await beginRun(connection.db, ACTOR, JOB.id, { id: RUN, name: 'Run' }));
  });
  afterEach(async () => {
    await connection.close();
    await database.drop();
  });

  it('opens a job once however often it is sent, and refuses its id to another', async () => {
    expect(code(await openJob(connection.db, ACTOR, JOB))).to.equal('ok');
    expect(code(await openJob(connection.db, ACTOR, { ...JOB, name: 'Other' }))).to.equal('id-taken');
    const [job, ...others] = mustBe(await readJobs(connection.db, ACTOR)).jobs;
    expect(others).to.deep.equal([]);
    expect(job!.people.map(({ name }) => name)).to.deep.equal(['Ada', 'Bo']);
    expect(job!.runs).to.have.length(1);
  });

  it('gives a metric job a metric tape and metric pipe', async () => {
    const metric = mustBe(await openJob(connection.db, ACTOR, { ...JOB, id: 'metricjob0', units: 'mm' }));
    expect(metric.ruleChoices).to.deep.equal({
      'tape-rounding': { option: '1 mm' },
      'stock-length': { option: '6 m' },
      nipples: { option: 'bought-to-12', tolerance: 2_000_000 },
      // What the place of the job says.
      compression: { option: 'forbidden' },
      'soft-solder': { option: 'brazing' },
    });
    mustBe(await beginRun(connection.db, ACTOR, 'metricjob0', { id: 'metricrun0', name: 'Run' }));
    const { doc } = mustBe(await openRunAnswer(connection.db, ACTOR, 'metricjob0', 'metricrun0'));
    expect(doc.ruleChoices).to.deep.equal(metric.ruleChoices);
  });

  it('edits a job and leaves people of the crew in the crew', async () => {
    const edited = mustBe(
      await editJob(connection.db, ACTOR, JOB.id, {
        was: JOB,
        wanted: { ...JOB, name: 'New', people: ['Bo', 'Cy'] },
      }),
    );
    expect([edited.name, edited.people.map(({ name }) => name)]).to.deep.equal(['New', ['Bo', 'Cy']]);
    expect(code(await editJob(connection.db, ACTOR, 'nosuchjob0', { was: JOB, wanted: JOB }))).to.equal(
      'job-unknown',
    );
  });

  it('two who edit a job from what both read: other fields are merged, the same field is named and refused', async () => {
    const { db } = connection;
    const job = mustBe(await readJob(db, ACTOR, JOB.id));
    const was = { ...JOB, name: job.name, people: job.people.map(({ name }) => name) };
    mustBe(await editJob(db, ACTOR, JOB.id, { was, wanted: { ...was, place: 'There' } }));
    const second = { was, wanted: { ...was, edition: '2024' } };
    expect(mustBe(await editJob(db, ACTOR, JOB.id, second))).to.include({ place: 'There', edition: '2024' });
    // The same again, its answer having been lost, is no clash.
    mustBe(await editJob(db, ACTOR, JOB.id, second));
    const clash = await editJob(db, ACTOR, JOB.id, {
      was,
      wanted: { ...was, place: 'Elsewhere', people: ['Cy'] },
    });
    expect(!clash.ok && clash.refusal).to.deep.equal({
      code: 'changed-elsewhere',
      of: 'job',
      name: job.name,
      fields: ['place'],
    });
    expect(mustBe(await readJob(db, ACTOR, JOB.id))).to.include({ place: 'There' });
  });

  it('keeps changes and their snapshot together, each a revision', async () => {
    let { doc } = await read();
    for (let base = 0; base < 3; base++) {
      const plan = planLeg(doc);
      doc = applyPlan(doc, plan);
      const answer = mustBe(await send(wrap(plan, base)));
      expect(answer.revision).to.equal(base + 1);
    }
    const now = await read();
    expect(now.run.revision).to.equal(3);
    expect(now.doc).to.deep.equal(doc);
    expect(layOut(now.doc).pieces.size).to.equal(3);
    const rows = await execute(connection.db, sql`select revision from changes order by revision`);
    expect(rows.map((row) => row['revision'])).to.deep.equal([1, 2, 3]);
  });

  it('takes the same change twice as once, and refuses its id with other contents', async () => {
    const { doc } = await read();
    const change = wrap(planLeg(doc), 0);
    const [first, second] = [mustBe(await send(change)), mustBe(await send(change))];
    expect(second).to.deep.equal(first);
    expect(code(await send({ ...change, ops: planLeg(doc).ops }))).to.equal('change-id-reused');
    expect((await read()).run.revision).to.equal(1);
  });

  it('refuses a stale change with what happened since, and one from the future', async () => {
    const { doc } = await read();
    const mine = planLeg(doc);
    mustBe(await send(wrap(planLeg(doc), 0)));
    const stale = await send(wrap(mine, 0));
    expect(code(stale)).to.equal('change-stale');
    if (!stale.ok && stale.refusal.code === 'change-stale') {
      expect(stale.refusal).to.include({ base: 0, revision: 1 });
      expect(stale.refusal.since.map(({ by, label }) => [by, label.command])).to.deep.equal([
        ['Ada', 'add-leg'],
      ]);
    }
    expect(code(await send(wrap(mine, 9)))).to.equal('change-stale');
  });

  it('lets exactly one of many changes of one moment through', async () => {
    const { doc } = await read();
    const answers = await Promise.all(Array.from({ length: 8 }, () => send(wrap(planLeg(doc), 0))));
    expect(answers.filter(({ ok }) => ok)).to.have.length(1);
    expect(answers.filter((answer) => code(answer) === 'change-stale')).to.have.length(7);
  });

  it('refuses a foreign change, one that breaks the document, and one for a run that is not there', async () => {
    const { doc } = await read();
    const foreign = makeRun([[0, 'right', 20]]);
    const plan = mustBe(planChangeMeasure(foreign, getLeg(foreign, 1).id, inches(5), '5', makeIds()));
    expect(code(await send(wrap(plan, 0)))).to.equal('change-does-not-fit');
    const broken = planLeg(doc).ops.filter((op) => op.in !== 'nodes');
    const label = { command: 'add-leg', leg: 1, turn: null } as const;
    expect(code(await send(wrap({ label, ops: broken }, 0)))).to.equal('run-reference-broken');
    const absurd = planLeg(doc).ops.map((op) =>
      op.op === 'insert' && op.in === 'measures'
        ? { ...op, value: { ...(op.value as object), value: -1 } }
        : op,
    );
    expect(code(await send(wrap({ label, ops: absurd }, 0)))).to.equal('input-invalid');
    expect(code(await send(wrap(planLeg(doc), 0), 'nosuchrun0'))).to.equal('run-unknown');
    expect((await read()).run.revision).to.equal(0);
  });

  it('comes back to the document before with the inverse change', async () => {
    const { doc } = await read();
    const plan = planLeg(doc);
    mustBe(await send(wrap(plan, 0)));
    mustBe(await send(wrap({ label: { ...plan.label, turn: 'undo' }, ops: invertOps(plan.ops) }, 1)));
    const rules = { compression: { option: 'forbidden' }, 'soft-solder': { option: 'brazing' } } as const;
    expect((await read()).doc).to.deep.equal(newRun(RUN, standardCatalogue.version, rules));
  });

  describe('events', () => {
    const makeEvent = (subject: string, more: object = {}): RunEvent => ({
      id: `testevent${made++}`,
      kind: 'as-cut',
      subject,
      runRevision: 1,
      asked: { mark: '1', size: '3/4', exact: 1, onTape: 1, catalogueVersion: '1', rulePackVersion: '1' },
      said: { length: inches(20), typed: '20' },
      instrument: 'tape',
      simulated: false,
      by: 'Ada',
      atDevice: new Date().toISOString(),
      atServer: null,
      corrects: null,
      ...more,
    });
    const record = (event: RunEvent) => recordEvent(connection.db, ACTOR, JOB.id, RUN, event);
    let piece: string;

    beforeEach(async () => {
      const { doc } = await read();
      mustBe(await send(wrap(planLeg(doc), 0)));
      piece = [...getPieces(layOut((await read()).doc))][0]!.id;
    });

    it('are recorded once however often they are sent, in order', async () => {
      const first = makeEvent(piece);
      mustBe(await record(first));
      mustBe(await record(first));
      mustBe(await record(makeEvent(piece, { kind: 'correction', corrects: first.id })));
      const { events } = await read();
      expect(events.map(({ kind }) => kind)).to.deep.equal(['as-cut', 'correction']);
      expect(events[0]!.atServer).to.match(/Z$/);
    });

    it('are taken for a piece that is gone, and refused for one that never was', async () => {
      const { doc } = await read();
      const gone = mustBe(planChangeMeasure(doc, getLeg(doc, 1).id, inches(9), '9', makeIds()));
      mustBe(await send(wrap(gone, 1)));
      expect(code(await record(makeEvent(piece)))).to.equal('ok');
      expect(code(await record(makeEvent('n1234567:l1234567~n7654321:l1234567')))).to.equal('piece-unknown');
      expect(code(await record(makeEvent('nonsense')))).to.equal('piece-unknown');
      expect(code(await record(makeEvent(piece, { kind: 'correction', corrects: 'nosuchevent' })))).to.equal(
        'event-corrects-nothing',
      );
    });

    it('of a hook-up are about a point the run has, or had', async () => {
      const { doc } = await read();
      const hookUp = (subject: string): RunEvent => ({
        ...makeEvent(piece),
        kind: 'hook-up',
        subject,
        asked: { name: 'kiln', catalogueVersion: '1', rulePackVersion: '1' },
        said: { item: 'leak-checked', is: true },
        corrects: null,
      });
      expect(code(await record(hookUp(getLeg(doc, 1).to)))).to.equal('ok');
      expect(code(await record(hookUp('nosuchnode0')))).to.equal('appliance-unknown');
      const { events } = await read();
      expect(events.map(({ kind }) => kind)).to.deep.equal(['hook-up']);
    });

    it('count where the run is said to stand, at its revision', async () => {
      const stand = async () => mustBe(await readStanding(connection.db, ACTOR, JOB.id, RUN));
      const before = await stand();
      expect(before.standing).to.include({ legs: 1, pieces: 1, cut: 0 });
      expect([before.revision, before.thumbnail.path.slice(0, 1)]).to.deep.equal([1, 'M']);
      mustBe(await record(makeEvent(piece)));
      expect(await stand()).to.deep.equal({ ...before, standing: { ...before.standing, cut: 1 } });
      expect(code(await readStanding(connection.db, ACTOR, JOB.id, 'nosuchrun0'))).to.equal('run-unknown');
    });

    it('are never rewritten, nor are changes', async () => {
      mustBe(await record(makeEvent(piece)));
      for (const statement of [
        sql`update events set subject = 'x'`,
        sql`delete from events`,
        sql`update changes set by = 'x'`,
        sql`delete from changes`,
      ]) {
        const error = await execute(connection.db, statement).then(
          () => null,
          (caught: unknown) => caught as Error,
        );
        expect(String(error?.cause)).to.include('never rewritten');
      }
    });
  });

  it('keeps crews apart: another crew sees none of it', async () => {
    await makeCrew(connection.db, 'crewsecond');
    const other = { crew: 'crewsecond' };
    expect(mustBe(await readJobs(connection.db, other))).to.deep.equal({ jobs: [], next: null });
    expect(code(await openRunAnswer(connection.db, other, JOB.id, RUN))).to.equal('job-unknown');
    const change = wrap(planLeg((await read()).doc), 0);
    expect(code(await sendChange(connection.db, other, JOB.id, RUN, change))).to.equal('run-unknown');
    expect(code(await openJob(connection.db, other, { ...JOB, name: 'Same id' }))).to.equal('ok');
  });

  it('knows a database that is away from a mistake of its own', async () => {
    const nowhere = connect('postgres://nobody:x@127.0.0.1:1/none', 1);
    const away = await readJobs(nowhere.db, ACTOR).then(
      () => null,
      (error: unknown) => error,
    );
    await nowhere.close();
    expect(isDatabaseAway(away)).to.equal(true);
    const mistake = await execute(connection.db, sql`select nonsense from crews`).then(
      () => null,
      (error: unknown) => error,
    );
    expect(isDatabaseAway(mistake)).to.equal(false);
  });
});
