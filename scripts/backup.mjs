/** `npm run backup [-- FILE]`: everything the database holds, into one file. `DATABASE_URL` names another database than the demo's. */
import { closeSync, existsSync, fsyncSync, openSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { endOf, runOnDatabase } from './system/run-on-database.mjs';
import { runMain, Obstacle, say } from './system/say.mjs';

await runMain(async () => {
  const file = resolve(process.argv[2] ?? `porthole-${new Date().toISOString().slice(0, 10)}.backup`);
  checkPlace(file);
  await runOnDatabase(async ({ start }) => {
    // Written beside and put in the place of the old one when it is whole and on the disk: a backup that fails costs nothing.
    const beside = `${file}.${process.pid}.part`;
    try {
      const out = openSync(beside, 'wx', 0o600);
      const { code, output } = await endOf(start('pg_dump', ['--format=custom'], ['ignore', out, 'pipe']));
      if (code !== 0) throw new Obstacle(explain(output, file));
      fsyncSync(out);
      closeSync(out);
      renameSync(beside, file);
      syncFolder(dirname(file));
    } catch (error) {
      rmSync(beside, { force: true });
      if (error instanceof Obstacle) throw error;
      throw new Obstacle(explain(String(error), file));
    }
  });
  say(`everything is in ${file} (${Math.ceil(statSync(file).size / 1024)} kB)`);
});

/** @param {string} file */
function checkPlace(file) {
  const folder = dirname(file);
  if (!existsSync(folder))
    throw new Obstacle(`There is no folder ${folder}. Make it, or name another place.`);
  if (!statSync(folder).isDirectory()) throw new Obstacle(`${folder} is no folder. Name another place.`);
  if (existsSync(file) && !statSync(file).isFile())
    throw new Obstacle(
      `${file} is no file but a folder or a device. Name the file to write: npm run backup -- FILE`,
    );
}

/** The name is safe only when the folder is on the disk too. @param {string} folder */
function syncFolder(folder) {
  const handle = openSync(folder, 'r');
  fsyncSync(handle);
  closeSync(handle);
}

/** @param {string} output @param {string} file */
function explain(output, file) {
  const kept = existsSync(file) ? ` What ${file} held before is still there.` : '';
  if (/no space left|ENOSPC/i.test(output))
    return `The disk that holds ${file} is full, so the backup could not be made. Free some space and try again.${kept}`;
  if (/EACCES|EPERM|EROFS|permission denied/i.test(output))
    return `${file} may not be written by this user. Name another place.${kept}`;
  return `The backup could not be made.${kept}\n${output.trim()}`;
}
