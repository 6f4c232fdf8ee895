import { expect } from 'chai';
import { spawn } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from '#server/db/database.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { exportAll, makeCrew } from '#support/use-cases.ts';
import { makeEmptyDatabase, makeTestDatabase, type TestDatabase } from '#support/test-database.ts';
import { findPrograms } from '../../scripts/system/cluster.mjs';
import { runCommand } from '../../scripts/system/run-command.mjs';

const ACTOR = { crew: 'crewfirst' };
const JOB = {
  id: 'backupjob00', name: 'Kept', place: '', units: 'in', gas: 'natural',
  jurisdiction: 'us-model', edition: '', people: ['Ada'],
} as const; // prettier-ignore

describe('backup and restore', function () {
  this.timeout(60_000);
  let folder: string;
  let database: TestDatabase;
  let kept: string;

  const run = (script: string, args: string[], url = database.url, more: NodeJS.ProcessEnv = {}) =>
    runCommand(process.execPath, [`scripts/${script}.mjs`, ...args], {
      env: { ...process.env, ...more, DATABASE_URL: url },
    });
  const withDb = async <Value>(
    url: string,
    work: (db: ReturnType<typeof connect>['db']) => Promise<Value>,
  ) => {
    const connection = connect(url, 1);
    return work(connection.db).finally(connection.close);
  };
  const holds = (url: string) =>
    withDb(url, async (db) => (await exportAll(db, ACTOR)).jobs.map(({ job }) => job.name));

  before(async () => {
    folder = mkdtempSync(join(tmpdir(), 'porthole-backup-'));
    kept = join(folder, 'kept.backup');
    database = await makeTestDatabase();
    await withDb(database.url, async (db) => {
      await makeCrew(db, ACTOR.crew);
      const opened = await openJob(db, ACTOR, JOB);
      expect(opened.ok).to.equal(true);
    });
    const made = await run('backup', [kept]);
    expect(made.code, made.output).to.equal(0);
  });
  after(async () => {
    await database.drop();
    rmSync(folder, { recursive: true, force: true });
  });

  it('a backup that fails leaves the one before as it was, and nothing beside it', async () => {
    const before = readFileSync(kept);
    const away = new URL(database.url);
    away.port = '1';
    const failed = await run('backup', [kept], away.href);
    expect(failed.code).to.equal(1);
    expect(failed.output).to.match(/could not be made.*still there/);
    expect(readFileSync(kept).equals(before)).to.equal(true);
    expect(readdirSync(folder).filter((name) => name.includes('.part'))).to.deep.equal([]);
  });

  it('says what is wrong with the place: a full disk, a folder for a file, a folder that is missing', async () => {
    // A file system without room for it.
    const tight = join(folder, 'tight');
    mkdirSync(tight);
    const mounted = await runCommand('mount', ['-t', 'tmpfs', '-o', 'size=8k', 'none', tight]);
    if (mounted.code === 0) {
      try {
        const full = await run('backup', [join(tight, 'all.backup')]);
        expect(full.output).to.match(/disk that holds .* is full/);
        expect(readdirSync(tight)).to.deep.equal([]);
      } finally {
        await runCommand('umount', [tight]);
      }
    }
    for (const [place, sentence] of [
      [folder, /is no file but a folder/],
      [join(folder, 'missing', 'all.backup'), /There is no folder .*missing/],
      [join(kept, 'all.backup'), /is no folder/],
    ] as const) {
      const refused = await run('backup', [place]);
      expect([refused.code, refused.output.trim().split('\n').length]).to.deep.equal([1, 1]);
      expect(refused.output).to.match(sentence);
    }
  });

  it('shows no password in the list of processes', async () => {
    const password = decodeURIComponent(new URL(database.url).password);
    expect(password).to.have.length.above(10);
    const child = spawn(process.execPath, ['scripts/backup.mjs', join(folder, 'listed.backup')], {
      env: { ...process.env, DATABASE_URL: database.url },
    });
    let isOver = false;
    const ended = new Promise((done) => child.on('close', done)).then(() => (isOver = true));
    let seen = 0;
    while (!isOver) {
      const commands = readdirSync('/proc')
        .filter((pid) => /^\d+$/.test(pid))
        .map((pid) => {
          try {
            return readFileSync(`/proc/${pid}/cmdline`, 'utf8');
          } catch {
            return '';
          }
        });
      if (commands.some((line) => line.includes('pg_dump'))) seen++;
      expect(commands.filter((line) => line.includes(password))).to.deep.equal([]);
      await new Promise((resolve) => setTimeout(resolve, 2));
    }
    await ended;
    expect(seen, 'looks while it ran').to.be.above(0);
  });

  it('an older backup goes over a newer schema, whose tables go with the rest', async () => {
    const newer = await makeTestDatabase();
    try {
      await newer.ask('create table tomorrow (crew text references crews (id), id text)');
      await newer.ask('alter table jobs add column tomorrow text');
      const done = await run('restore', [kept, '--over'], newer.url);
      expect(done.code, done.output).to.equal(0);
      expect(await holds(newer.url)).to.deep.equal(['Kept']);
      expect(await newer.ask(`select to_regclass('tomorrow') as there`)).to.deep.equal([{ there: null }]);
    } finally {
      await newer.drop();
    }
  });

  for (const [what, make, sentence] of [
    [
      'of another database',
      async (file: string) => {
        const other = await makeEmptyDatabase();
        await other.ask('create table customers (id int)');
        await runCommand(join(findPrograms()!, 'pg_dump'), ['-Fc', '-f', file, other.url]);
        await other.drop();
      },
      /backup of another database \(it holds “customers”\), not of Porthole. Nothing was changed/,
    ],
    [
      'of an empty database',
      async (file: string) => {
        const other = await makeEmptyDatabase();
        await runCommand(join(findPrograms()!, 'pg_dump'), ['-Fc', '-f', file, other.url]);
        await other.drop();
      },
      /backup of another database, not of Porthole/,
    ],
    [
      'of a newer Porthole',
      async (file: string) => {
        const other = await makeTestDatabase();
        await other.ask(
          `insert into drizzle.__drizzle_migrations (hash, created_at) values ('aa', 9999999999999)`,
        );
        await runCommand(join(findPrograms()!, 'pg_dump'), ['-Fc', '-f', file, other.url]);
        await other.drop();
      },
      /made by a newer Porthole.*nothing was changed/,
    ],
    [
      'that breaks off',
      (file: string) => {
        const whole = readFileSync(kept);
        writeFileSync(file, whole.subarray(0, whole.length - 400));
        return Promise.resolve();
      },
      /could not be restored; nothing was changed/,
    ],
    [
      'that is none',
      (file: string) => {
        writeFileSync(file, 'PGDMP not a backup');
        return Promise.resolve();
      },
      /could not be restored; nothing was changed/,
    ],
  ] as const) {
    it(`a backup ${what} is refused before anything is touched`, async () => {
      const file = join(folder, `${what.replaceAll(' ', '-')}.backup`);
      await make(file);
      expect(existsSync(file)).to.equal(true);
      const refused = await run('restore', [file, '--over']);
      expect(refused.code).to.equal(1);
      expect(refused.output).to.match(sentence);
      expect(await holds(database.url)).to.deep.equal(['Kept']);
    });
  }

  it('under a server that nobody asked anything since the database ended its connections it says to stop it', async () => {
    await withDb(database.url, async (db) => {
      await exportAll(db, ACTOR);
      const here = `from pg_stat_activity where datname = current_database() and application_name = 'porthole'`;
      for (let round = 0; round < 2; round++) {
        const ended = (await database.ask(`select pid, pg_terminate_backend(pid) ${here}`)).map(
          ({ pid }) => pid,
        );
        expect(ended).to.have.length(1);
        const isThere = async (): Promise<boolean> =>
          (await database.ask(`select pid ${here}`)).some(({ pid }) => !ended.includes(pid));
        for (let tries = 0; !(await isThere()); tries++) {
          expect(tries, 'no connection was made again').to.be.below(50);
          await new Promise((done) => setTimeout(done, 100));
        }
      }
      const refused = await run('restore', [kept, '--over']);
      expect(refused.output).to.match(/server is working with this database. Stop it first/);
    });
  });

  it('under a server that runs it says to stop it', async () => {
    await withDb(database.url, async (db) => {
      await exportAll(db, ACTOR);
      const refused = await run('restore', [kept, '--over']);
      expect(refused.code).to.equal(1);
      expect(refused.output).to.match(/server is working with this database. Stop it first/);
    });
    const done = await run('restore', [kept, '--over']);
    expect(done.code, done.output).to.equal(0);
    expect(await holds(database.url)).to.deep.equal(['Kept']);
  });
});
