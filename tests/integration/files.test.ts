import { expect } from 'chai';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { standardCatalogue } from '#core/catalogue';
import type { JobsFile } from '#core/formats';
import { applyOps } from '#core/runs/changes';
import { planCopyRun } from '#core/runs/commands';
import { getPieces } from '#core/runs/layout';
import { newRun, type RunDoc } from '#core/runs/document';
import { FIRST_CREW } from '#server/actor.ts';
import { connect, type Connection } from '#server/db/database.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { editJob } from '#server/use-cases/edit-job.ts';
import { weighJobs } from '#server/repositories/weigh-jobs.ts';
import { listFileParts } from '#server/use-cases/list-file-parts.ts';
import { importJobs } from '#server/use-cases/import-jobs.ts';
import { keepSpecimen } from '#server/use-cases/keep-specimen.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { recordEvent } from '#server/use-cases/record-event.ts';
import { layOut, makeIds, mustBe } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom, makeRandomRun } from '#support/random-run.ts';
import { exportAll, exportOne, exportPart, makeCrew, sendChange } from '#support/use-cases.ts';
import { makeTestDatabase } from '#support/test-database.ts';
import { runCommand } from '../../scripts/system/run-command.mjs';
import { BAKERY_SPECIMENS } from '../../scripts/demo-specimens.ts';

const ACTOR = { crew: FIRST_CREW };
const SEED = 20_264;
const details = { place: '', units: 'in', gas: 'natural', jurisdiction: 'us-model', edition: '' } as const;
const two = (i: number) => String(i).padStart(2, '0');

/** A job of random content: a run, its changes, an event, and for some a specimen. */
async function fill({ db }: Connection, i: number): Promise<void> {
  const [job, run] = [`filejob0${two(i)}`, `filerun0${two(i)}`];
  const people = [`Ada ${i}`, 'Bo'];
  mustBe(await openJob(db, ACTOR, { id: job, name: `Job ${i}`, people, ...details }));
  mustBe(await beginRun(db, ACTOR, job, { id: run, name: `Run ${i}` }));
  const random = makeRandom(SEED + i);
  const newId = makeIds(`file${two(i)}thing`);
  let base = 0;
  let doc: RunDoc = newRun(run, standardCatalogue.version, {});
  const send = async (
    planned: Parameters<typeof planCopyRun>[0] | null,
    plan = planned && planCopyRun(planned, doc),
  ) => {
    if (!plan || plan.ops.length === 0) return;
    const applied = applyOps(doc, plan.ops);
    if (!applied.ok) return;
    const change = {
      id: `filechange${two(i)}n${base}`,
      base,
      by: 'Bo',
      at: new Date().toISOString(),
      ...plan,
    };
    mustBe(await sendChange(db, ACTOR, job, run, change));
    doc = applied.value;
    base++;
  };
  await send({ ...makeRandomRun(1 + (i % 12), SEED + i), ruleChoices: {} });
  for (let step = 0; step < 12; step++) await send(doc, planRandomCommand(doc, random, newId));
  const piece = [...getPieces(layOut(doc))].find(({ cut }) => cut !== null);
  if (piece) {
    const asked = {
      mark: piece.mark,
      size: piece.size,
      exact: 25_400_000,
      onTape: 25_400_000,
      catalogueVersion: '1',
      rulePackVersion: '1',
    };
    mustBe(
      await recordEvent(db, ACTOR, job, run, {
        id: `fileevent${two(i)}`,
        kind: 'as-cut',
        subject: piece.id,
        runRevision: base,
        asked,
        said: { length: 25_400_000, typed: '1' },
        instrument: 'tape',
        simulated: false,
        by: 'Bo',
        atDevice: new Date().toISOString(),
        atServer: null,
        corrects: null,
      }),
    );
  }
  if (i % 7 === 0) {
    mustBe(
      await keepSpecimen(db, ACTOR, job, {
        ...BAKERY_SPECIMENS[i % BAKERY_SPECIMENS.length]!,
        id: `filespecimen${two(i)}`,
      }),
    );
  }
}

describe(`job files on a real PostgreSQL (seed ${SEED})`, () => {
  let [from, into]: { url: string; drop: () => Promise<void> }[] = [];
  let [source, target]: Connection[] = [];

  before(async function () {
    this.timeout(60_000);
    [from, into] = [await makeTestDatabase(), await makeTestDatabase()];
    [source, target] = [connect(from.url, 2), connect(into.url, 2)];
    for (const { db } of [source, target]) await makeCrew(db, FIRST_CREW);
    for (let i = 0; i < 40; i++) await fill(source, i);
  });
  after(async () => {
    await Promise.all([source!.close(), target!.close()]);
    await Promise.all([from!.drop(), into!.drop()]);
  });

  const exportFrom = ({ db }: Connection): Promise<JobsFile> => exportAll(db, ACTOR);

  it('bring forty jobs into an empty database: exported again, every one is equal', async () => {
    const file = await exportFrom(source!);
    expect(file.jobs).to.have.length(40);
    expect(file.jobs.flatMap(({ runs }) => runs.flatMap(({ events }) => events))).to.have.length.above(25);
    const outcomes = mustBe(await importJobs(target!.db, ACTOR, JSON.stringify(file)));
    expect(new Set(outcomes.map(({ outcome }) => outcome))).to.deep.equal(new Set(['imported']));
    expect(await exportFrom(target!)).to.deep.equal(file);
  }).timeout(60_000);

  it('go out in parts of which each says how large it is at most, is whole, and comes in by itself', async () => {
    const parts = mustBe(await listFileParts(source!.db, ACTOR));
    expect(parts.reduce((sum, { jobs }) => sum + jobs, 0)).to.equal(40);
    const all = (await exportFrom(source!)).jobs.map(({ job }) => job.id).reverse();
    for (const range of [...parts, ...[0, 7, 38].map((i) => ({ first: all[i]!, last: all[i + 1]! }))]) {
      const file = await exportPart(source!.db, ACTOR, range);
      const ids = file.jobs.map(({ job }) => job.id).reverse();
      expect(ids).to.deep.equal(all.slice(all.indexOf(range.first), all.indexOf(range.last) + 1));
      const outcomes = mustBe(await importJobs(target!.db, ACTOR, JSON.stringify(file)));
      expect(new Set(outcomes.map(({ outcome }) => outcome))).to.deep.equal(new Set(['already-here']));
    }
    const weighed = await source!.db.use((on) => weighJobs(on, ACTOR.crew, 100, null));
    for (const { id, bytes } of weighed) {
      const text = JSON.stringify(mustBe(await exportOne(source!.db, ACTOR, id)));
      expect(bytes).to.be.within(text.length, 2 * text.length + 2000);
    }
    const backwards = exportPart(source!.db, ACTOR, { first: all[1]!, last: all[0]! });
    expect(await backwards.catch(String)).to.equal('Error: refused: job-unknown');
  }).timeout(60_000);

  it('change nothing when they are brought in again', async () => {
    const before = await exportFrom(target!);
    const outcomes = mustBe(await importJobs(target!.db, ACTOR, JSON.stringify(before)));
    expect(new Set(outcomes.map(({ outcome }) => outcome))).to.deep.equal(new Set(['already-here']));
    expect(await exportFrom(target!)).to.deep.equal(before);
  }).timeout(60_000);

  it('come in beside a job that differs, under ids of their own; nothing is written over', async () => {
    const file = mustBe(await exportOne(source!.db, ACTOR, 'filejob007'));
    mustBe(
      await editJob(target!.db, ACTOR, 'filejob007', {
        was: { name: 'Job 7', people: [], ...details },
        wanted: { name: 'Another name', people: [], ...details },
      }),
    );
    const mine = mustBe(await exportOne(target!.db, ACTOR, 'filejob007'));
    const [outcome] = mustBe(await importJobs(target!.db, ACTOR, JSON.stringify(file)));
    expect(outcome).to.include({ outcome: 'copied', name: 'Job 7' });
    expect(mustBe(await exportOne(target!.db, ACTOR, 'filejob007'))).to.deep.equal(mine);
    if (outcome?.outcome !== 'copied') throw new Error('not copied');
    const copy = mustBe(await exportOne(target!.db, ACTOR, outcome.id));
    expect(copy.runs[0]!.id).to.not.equal(file.runs[0]!.id);
    expect(copy.runs[0]!.doc.legs).to.deep.equal(file.runs[0]!.doc.legs);
    expect(copy.specimens).to.have.length(1);
  });

  it('of which one is damaged are brought in but for that one, which is named; one alone is refused', async () => {
    const file = mustBe(await exportOne(source!.db, ACTOR, 'filejob001'));
    const fresh = JSON.parse(JSON.stringify(file).replaceAll('filejob001', 'freshjob01')) as typeof file;
    const broken = { ...fresh, job: { ...fresh.job, id: 'brokenjob1', name: 'Broken', units: 'ells' } };
    const before = await exportFrom(target!);
    const alone = await importJobs(target!.db, ACTOR, JSON.stringify(broken));
    expect(alone.ok ? 'ok' : alone.refusal.code).to.equal('input-invalid');
    expect(await exportFrom(target!)).to.deep.equal(before);
    const whole = {
      ...fresh,
      job: { ...fresh.job, id: 'freshjob01', name: 'Whole' },
      runs: [],
      specimens: [],
      milestones: [],
    };
    const outcomes = await importJobs(
      target!.db,
      ACTOR,
      JSON.stringify({ porthole: 'jobs', version: 2, jobs: [broken, whole] }),
    );
    expect(mustBe(outcomes)).to.deep.equal([
      {
        outcome: 'refused',
        name: 'Broken',
        refusal: { code: 'input-invalid', path: 'job.units', rule: 'any.only', limit: 'in,mm' },
      },
      { outcome: 'imported', id: 'freshjob01', name: 'Whole' },
    ]);
    expect((await exportFrom(target!)).jobs.length).to.equal(before.jobs.length + 1);
  });

  it('and a backup, restored, is everything again', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'porthole-backup-'));
    const run = (script: string, args: string[], url: string) =>
      runCommand(process.execPath, [`scripts/${script}.mjs`, ...args], {
        env: { ...process.env, DATABASE_URL: url },
      });
    const other = await makeTestDatabase();
    try {
      const file = join(folder, 'all.backup');
      const made = await run('backup', [file], from!.url);
      expect(made.code, made.output).to.equal(0);
      const asked = await run('restore', [file], other.url);
      expect(asked.output).to.match(/replaces everything/);
      expect(asked.code).to.equal(1);
      const done = await run('restore', [file, '--over'], other.url);
      expect(done.code, done.output).to.equal(0);
      const restored = connect(other.url, 1);
      expect(await exportFrom(restored)).to.deep.equal(await exportFrom(source!));
      const damaged = join(folder, 'damaged.backup');
      writeFileSync(damaged, 'PGDMP not a backup');
      const refused = await run('restore', [damaged, '--over'], other.url);
      expect(refused.output).to.match(/could not be restored; nothing was changed/);
      expect(await exportFrom(restored)).to.deep.equal(await exportFrom(source!));
      await restored.close();
    } finally {
      await other.drop();
      rmSync(folder, { recursive: true, force: true });
    }
  }).timeout(60_000);
});
