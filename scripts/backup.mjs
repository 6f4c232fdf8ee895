/** `npm run backup [-- FILE]`: everything the database holds, into one file. `DATABASE_URL` names another database than the demo's. */
import { statSync } from 'node:fs';
import { resolve } from 'node:path';
import { runMain, Obstacle, say } from './system/say.mjs';
import { runOnDatabase } from './system/run-on-database.mjs';

await runMain(async () => {
  const file = resolve(process.argv[2] ?? `porthole-${new Date().toISOString().slice(0, 10)}.backup`);
  await runOnDatabase(async (run, url) => {
    const { code, output } = await run('pg_dump', ['--format=custom', `--dbname=${url}`], { to: file });
    if (code !== 0) throw new Obstacle(`The backup could not be made:\n${output.trim()}`);
  });
  say(`everything is in ${file} (${Math.ceil(statSync(file).size / 1024)} kB)`);
});
