/** `npm run restore -- FILE --over`: puts a backup in the place of everything the database holds. */
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { runMain, Obstacle, say } from './system/say.mjs';
import { runOnDatabase } from './system/run-on-database.mjs';

await runMain(async () => {
  const [name, over] = process.argv.slice(2);
  if (!name) throw new Obstacle('Say which backup: npm run restore -- FILE --over');
  const file = resolve(name);
  if (!existsSync(file)) throw new Obstacle(`There is no file ${file}. Name the backup to restore.`);
  if (over !== '--over') {
    throw new Obstacle(
      'Restoring replaces everything the database holds. Say so: npm run restore -- FILE --over',
    );
  }
  await runOnDatabase(async (run, url) => {
    // One transaction: a damaged backup leaves everything as it was.
    const options = ['--clean', '--if-exists', '--no-owner', '--single-transaction', '--exit-on-error'];
    const { code, output } = await run('pg_restore', [...options, `--dbname=${url}`], { from: file });
    if (code !== 0)
      throw new Obstacle(`The backup could not be restored; nothing was changed:\n${output.trim()}`);
  });
  say(`restored from ${file}`);
});
