import { expect } from 'chai';
import { sql } from 'drizzle-orm';
import type { SpecimenInput } from '#core/identify';
import { findSource } from '#core/runs/document';
import { FIRST_CREW } from '#server/actor.ts';
import { connect, type Connection } from '#server/db/database.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { keepSpecimen } from '#server/use-cases/keep-specimen.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { readSpecimens } from '#server/use-cases/read-specimens.ts';
import { mustBe } from '#support/make-run.ts';
import { execute, makeCrew, openRunAnswer } from '#support/use-cases.ts';
import { makeTestDatabase } from '#support/test-database.ts';
import { BAKERY_SPECIMENS } from '../../scripts/demo-specimens.ts';

const ACTOR = { crew: FIRST_CREW };
const JOB = 'specimenjob0';

describe('specimens on a real PostgreSQL', () => {
  let database: { url: string; drop: () => Promise<void> };
  let connection: Connection;

  before(async () => {
    database = await makeTestDatabase();
    connection = connect(database.url, 2);
    await makeCrew(connection.db, FIRST_CREW);
    for (const id of [JOB, 'otherjob000']) {
      const details = {
        place: '',
        units: 'mm',
        gas: 'natural',
        jurisdiction: 'us-model',
        edition: '',
      } as const;
      mustBe(await openJob(connection.db, ACTOR, { id, name: id, ...details, people: [] }));
    }
  });
  after(async () => {
    await connection.close();
    await database.drop();
  });

  const keep = (input: SpecimenInput, job = JOB) => keepSpecimen(connection.db, ACTOR, job, input);
  const refused = (result: { ok: true } | { ok: false; refusal: { code: string } }) =>
    result.ok ? 'ok' : result.refusal.code;

  it('are kept once, with a verdict made from their readings, in the order in which they came', async () => {
    for (const input of BAKERY_SPECIMENS) mustBe(await keep(input));
    const again = mustBe(await keep(BAKERY_SPECIMENS[0]!));
    expect(again.verdict).to.deep.include({ kind: 'certain' });
    const kept = mustBe(await readSpecimens(connection.db, ACTOR, JOB));
    expect(kept.map(({ name }) => name)).to.deep.equal(BAKERY_SPECIMENS.map(({ name }) => name));
    expect(kept.map(({ end }) => end?.family)).to.deep.equal(['npt', 'npt', 'r', 'r', 'jic-37', 'g']);
    expect(kept.map(({ verdict }) => verdict.kind).filter((kind) => kind === 'tie')).to.have.length(1);
  });

  it('are refused for a job that is not there, and under an id that is taken', async () => {
    expect(refused(await keep(BAKERY_SPECIMENS[0]!, 'nosuchjob00'))).to.equal('job-unknown');
    expect(refused(await keep(BAKERY_SPECIMENS[0]!, 'otherjob000'))).to.equal('id-taken');
    expect(refused(await keep({ ...BAKERY_SPECIMENS[0]!, name: 'Another' }))).to.equal('id-taken');
    expect(refused(await readSpecimens(connection.db, ACTOR, 'nosuchjob00'))).to.equal('job-unknown');
  });

  it('are never rewritten, not even by hand', async () => {
    for (const statement of [sql`update specimens set job = ${JOB}`, sql`delete from specimens`]) {
      const failure = await execute(connection.db, statement).then(
        () => null,
        (error: unknown) => error as { cause?: { message: string } },
      );
      expect(failure?.cause?.message).to.match(/never rewritten/);
    }
  });

  it('begin a run: its source is what was found', async () => {
    const begun = mustBe(
      await beginRun(connection.db, ACTOR, JOB, {
        id: 'runfromelbow',
        name: 'From the elbow',
        specimen: BAKERY_SPECIMENS[1]!.id,
      }),
    );
    const { doc } = mustBe(await openRunAnswer(connection.db, ACTOR, JOB, begun.id));
    const source = findSource(doc);
    expect(doc.nodes[source!]!.terminal).to.deep.include({
      kind: 'existing',
      specimen: BAKERY_SPECIMENS[1]!.id,
    });
  });

  it('begin none when unknown, of another job, or without an end', async () => {
    const begin = (specimen: string, job = JOB) =>
      beginRun(connection.db, ACTOR, job, { id: 'runfromnothing', name: 'No', specimen });
    expect(refused(await begin('nosuchspecimen'))).to.equal('specimen-unknown');
    expect(refused(await begin(BAKERY_SPECIMENS[0]!.id, 'otherjob000'))).to.equal('specimen-unknown');
    mustBe(await keep({ ...BAKERY_SPECIMENS[0]!, id: 'demospecimenempty', readings: [] }));
    expect(refused(await begin('demospecimenempty'))).to.equal('specimen-has-no-end');
  });
});
