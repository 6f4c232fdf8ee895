/** `npm run restore -- FILE --over`: puts a backup in the place of everything the database holds. */
import { existsSync, readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { ensureNodeModules } from './system/installed.mjs';
import { runCommand } from './system/run-command.mjs';
import { endOf, runOnDatabase } from './system/run-on-database.mjs';
import { runMain, Obstacle, say } from './system/say.mjs';

/** Every table a backup of any version may hold. */
const OURS = [
  'changes',
  'crews',
  'events',
  'job_people',
  'jobs',
  'milestones',
  'people',
  'runs',
  'specimens',
  'shop_parts',
  'maker_sheets',
];
const MIGRATIONS = '__drizzle_migrations';

await runMain(async () => {
  const [name, over] = process.argv.slice(2);
  if (!name) throw new Obstacle('Say which backup: npm run restore -- FILE --over');
  const file = resolve(name);
  if (!existsSync(file) || !statSync(file).isFile())
    throw new Obstacle(`There is no file ${file}. Name the backup to restore.`);
  if (over !== '--over') {
    throw new Obstacle(
      'Restoring replaces everything the database holds. Say so: npm run restore -- FILE --over',
    );
  }
  await ensureNodeModules();
  await runOnDatabase(async (programs) => {
    await checkBackup(programs, file);
    await checkNobodyIsThere(programs);
    await replaceAll(programs, file);
    const env = { ...process.env, DATABASE_URL: programs.url };
    const args = ['--import', 'tsx/esm', 'scripts/prepare-database.ts'];
    const { code, output } = await runCommand(process.execPath, args, { env });
    if (code !== 0)
      throw new Obstacle(
        `The backup is restored, but could not be brought up to this version:\n${output.trim()}`,
      );
  });
  say(`restored from ${file}`);
});

/** @typedef {import('./system/run-on-database.mjs').Programs} Programs */

/**
 * Looks at the backup before anything is touched: whole, ours, and of no newer version.
 * @param {Programs} programs @param {string} file
 */
async function checkBackup({ run }, file) {
  const listed = await run('pg_restore', ['--list', file]);
  if (listed.code !== 0) throw damaged(file, listed.output);
  const tables = [...listed.output.matchAll(/^\d+; \d+ \d+ TABLE (?!DATA )(\S+) (\S+) /gm)].map((match) => ({
    schema: match[1],
    table: match[2] ?? '',
  }));
  /** @param {{ schema: string | undefined, table: string }} each */
  const isOurs = ({ schema, table }) =>
    (schema === 'public' && OURS.includes(table)) || (schema === 'drizzle' && table === MIGRATIONS);
  const stranger = tables.find((each) => !isOurs(each));
  if (
    stranger ||
    !['crews', 'jobs', 'runs', 'changes', MIGRATIONS].every((each) =>
      tables.some(({ table }) => table === each),
    )
  ) {
    throw new Obstacle(
      `${file} is a backup of another database${stranger ? ` (it holds “${stranger.table}”)` : ''}, not of Porthole. Nothing was changed.`,
    );
  }
  // Reads all of it to its end: what breaks off is known before anything is replaced.
  const whole = await run('pg_restore', ['--file=/dev/null', file]);
  if (whole.code !== 0) throw damaged(file, whole.output);
  const migrations = await run('pg_restore', ['--data-only', `--table=${MIGRATIONS}`, '--file=-', file]);
  const newest = Math.max(
    ...[...migrations.output.matchAll(/^\d+\t[0-9a-f]+\t(\d+)$/gm)].map((match) => Number(match[1])),
  );
  const journal = JSON.parse(readFileSync('drizzle/meta/_journal.json', 'utf8'));
  const known = Math.max(...journal.entries.map((/** @type {{ when: number }} */ { when }) => when));
  if (newest > known)
    throw new Obstacle(
      `${file} was made by a newer Porthole. Restore it with that version; nothing was changed.`,
    );
}

/** @param {string} file @param {string} output */
function damaged(file, output) {
  return new Obstacle(
    `${file} could not be restored; nothing was changed. It is no backup, or it is damaged: take another copy of it.\n${output.trim().split('\n')[0] ?? ''}`,
  );
}

/** A server that runs would go on with what is not there any more. @param {Programs} programs */
async function checkNobodyIsThere({ run }) {
  const asked = `select count(*) from pg_stat_activity where datname = current_database() and application_name = 'porthole'`;
  const { code, output } = await run('psql', ['-XAtq', '-c', asked]);
  if (code !== 0) throw new Obstacle(`The database does not answer; nothing was changed:\n${output.trim()}`);
  if (Number(output) > 0)
    throw new Obstacle(
      'A Porthole server is working with this database. Stop it first, then restore; nothing was changed.',
    );
}

/**
 * All of it in one transaction: what was there stands until the backup does, whatever happens in between, and tables that a
 * newer version added go with the rest.
 * @param {Programs} programs @param {string} file
 */
async function replaceAll({ start }, file) {
  const psql = start('psql', ['-Xq', '-v', 'ON_ERROR_STOP=1', '-o', '/dev/null'], ['pipe', 'ignore', 'pipe']);
  const told = endOf(psql);
  const input = /** @type {import('node:stream').Writable} */ (psql.stdin);
  // A psql that has given up closes its end: what it says of it is told.
  input.on('error', () => {});
  input.write(
    `set lock_timeout = '10s';\nbegin;\nset client_min_messages = warning;\ndrop schema if exists public cascade;\ndrop schema if exists drizzle cascade;\ncreate schema public;\n`,
  );
  const backup = start(
    'pg_restore',
    ['--no-owner', '--no-privileges', '--file=-', file],
    ['ignore', 'pipe', 'pipe'],
  );
  backup.stdout?.pipe(input, { end: false });
  const read = await new Promise((done) => backup.on('close', (code) => done(code ?? 1)));
  input.end(read === 0 ? 'commit;\n' : 'rollback;\n');
  const { code, output } = await told;
  if (code === 0 && read === 0) return;
  throw new Obstacle(`The backup could not be restored; nothing was changed:\n${output.trim()}`);
}
