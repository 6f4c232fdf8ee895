import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { runCommand } from './run-command.mjs';
import { Obstacle, say } from './say.mjs';

const SOURCES = [
  'src',
  'static',
  'scripts/system/adapt-with-worker.mjs',
  'package.json',
  'package-lock.json',
  'svelte.config.js',
  'vite.config.ts',
  'tsconfig.json',
];

/** @param {string} path @param {import('node:crypto').Hash} hash */
function addToHash(path, hash) {
  if (!existsSync(path)) return;
  if (statSync(path).isDirectory()) {
    for (const name of readdirSync(path).sort()) addToHash(join(path, name), hash);
    return;
  }
  hash.update(path).update('\0').update(readFileSync(path));
}

/**
 * Builds the app into a folder, unless it was built there from the very same sources.
 * @param {string} folder @param {Readonly<Record<string, string>>} [settings] of the build, as `VITE_…`
 */
export async function ensureBuild(folder, settings = {}) {
  const hash = createHash('sha256').update(JSON.stringify(settings));
  for (const source of SOURCES) addToHash(source, hash);
  const digest = hash.digest('hex');
  const stamp = join(folder, '.built-from');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === digest) return;
  say('app: building (about half a minute)');
  const env = {
    ...process.env,
    ...settings,
    PORTHOLE_BUILD_DIR: folder,
    PORTHOLE_BUILD_NAME: digest.slice(0, 16),
  };
  const { code, output } = await runCommand('npx', ['vite', 'build'], { env });
  if (code !== 0) throw new Obstacle(`The app could not be built:\n${output.slice(-3000)}`);
  writeFileSync(stamp, digest);
}
