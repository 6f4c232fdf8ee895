import { expect } from 'chai';
import { connect, type Connection } from '#server/db/database.ts';
import { writeRunPdf, type PrintedRun } from '#server/pdf/write-run-pdf.ts';
import { DEMO_JOB } from '../../scripts/demo-fernhill.ts';
import { DEMO_CIDER } from '../../scripts/demo-tidewrack.ts';
import { DEMO_BAKERY } from '../../scripts/demo-specimens.ts';
import { resolveActor } from '#server/actor.ts';
import { layOutKeptRun } from '#server/use-cases/lay-out-kept-run.ts';
import { readJob } from '#server/use-cases/read-jobs.ts';
import { checkRun } from '#core/checks';
import { parseLength, toInches } from '#core/units';
import { layOut, mustBe } from '#support/make-run.ts';
import { expectOneLength, readCutSheet } from '#support/printed-lengths.ts';
import { makeMixedRun } from '#support/random-run.ts';
import { readPdf } from '#support/read-pdf.ts';
import { makeTestDatabase, type TestDatabase } from '#support/test-database.ts';
import { runCommand } from '../../scripts/system/run-command.mjs';

const SEED = 14_002;

/** Holds the cut sheet on paper against its file: each row's mark, its cut, its centres. */
async function expectPaper(printed: PrintedRun, about: string): Promise<number> {
  const { layout, unit } = printed;
  const words = await readPdf(await writeRunPdf(printed, 'A4', new Date('2026-01-02T00:00:00Z')));
  const at = (x: number) => words.filter((word) => Math.abs(word.x - x) < 0.5);
  const rows = readCutSheet(layout);
  // Below the heading of the table: the drawing has marks too.
  const heading = words.findIndex(({ text }) => text === 'Cut sheet');
  const marks = at(42 + 34).filter((word) => words.indexOf(word) > heading && word.text !== 'mark');
  for (const row of rows) {
    const of = `${row.mark} of ${about}`;
    const mark = marks.find(({ text }) => text === row.mark);
    expect(mark, of).to.not.equal(undefined);
    const beside = (x: number): string =>
      at(x)
        .filter(({ page, y }) => page === mark!.page && Math.abs(y - mark!.y) < 3)
        .map(({ text }) => text)
        .join(' ');
    const cut = beside(42 + 110);
    const nipple = row.read('nipple to buy (in)');
    if (nipple !== '') {
      const said = mustBe(parseLength(cut.replace('nipple ', ''), 'in')).length;
      expect(toInches(said), of).to.be.closeTo(Number(nipple), 1 / 128);
    } else if (row.read('cut on the tape') === '') expect(cut, of).to.match(/not known/);
    else if (cut.startsWith('Do not cut'))
      expect(cut, of).to.include(`(${row.read('cut on the tape')}`.slice(0, 6));
    else expect(cut, of).to.equal(row.read('cut on the tape'));
    const centres = beside(42 + 202);
    const wanted = row.read('centre-to-centre (in)');
    if (wanted === '') expect(centres, of).to.equal('');
    else {
      expect(centres, of).to.not.include('.');
      expect(toInches(mustBe(parseLength(centres, unit)).length), of).to.be.closeTo(
        Number(wanted),
        (unit === 'in' ? 1 / 32 : 0.5 / 25.4) + 1e-5,
      );
    }
  }
  return rows.length;
}

describe('the length of a piece on paper and in the demo', () => {
  let database: TestDatabase;
  let connection: Connection;
  before(async function () {
    this.timeout(60_000);
    database = await makeTestDatabase();
    const env = { ...process.env, DATABASE_URL: database.url };
    const loaded = await runCommand(process.execPath, ['--import', 'tsx/esm', 'scripts/load-demo.ts'], {
      env,
    });
    expect(loaded.code, loaded.output).to.equal(0);
    connection = connect(database.url, 2);
  });
  after(async () => {
    await connection.close();
    await database.drop();
  });

  it('is one in every place, for every kind of piece in the demo', async () => {
    const actor = resolveActor();
    const kinds = new Set<string>();
    for (const job of [DEMO_JOB, DEMO_CIDER, DEMO_BAKERY])
      for (const { id: run } of mustBe(await readJob(connection.db, actor, job)).runs) {
        const {
          layout,
          findings,
          job: details,
          run: heading,
        } = mustBe(await layOutKeptRun(connection.db, actor, job, run));
        for (const kind of expectOneLength(layout, run)) kinds.add(kind);
        const { name, place, units: unit, jurisdiction } = details;
        await expectPaper(
          {
            job: name,
            place,
            run: heading.name,
            revision: heading.revision,
            layout,
            findings,
            unit,
            jurisdiction,
          },
          run,
        );
      }
    expect([...kinds], [...kinds].join(' | ')).to.include.members([
      'black-iron',
      'black-iron: tape',
      'black-iron: drawing',
      'csst, cut longer',
      'copper-flared',
      'copper-compression',
      'pe-stabbed, cut longer',
      'shorthand',
    ]);
  });

  it(`is one on paper and in the file, over 16 random runs in both units (seed ${SEED})`, async () => {
    let rows = 0;
    for (let i = 0; i < 16; i++) {
      const base = makeMixedRun(4 + i, SEED + i);
      const unit = i % 2 === 0 ? 'in' : 'mm';
      const tape = unit === 'mm' ? { 'tape-rounding': { option: '1 mm' as const } } : {};
      const layout = layOut({ ...base, ruleChoices: { ...base.ruleChoices, ...tape } });
      const findings = checkRun(layout);
      rows += await expectPaper(
        { job: 'J', place: '', run: 'R', revision: 1, layout, findings, unit, jurisdiction: 'us-model' },
        String(SEED + i),
      );
    }
    expect(rows).to.be.greaterThan(120);
  });
});
