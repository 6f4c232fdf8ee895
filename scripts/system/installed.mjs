import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { Obstacle, say } from './say.mjs';
import { runCommand } from './run-command.mjs';

const STAMP = 'node_modules/.porthole-lock';

/** Installs the npm packages of the lock file, unless exactly those are there. */
export async function ensureNodeModules() {
  const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return;
  say('npm packages: installing (about a minute)');
  const env = { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' };
  const { code, output } = await runCommand('npm', ['ci', '--no-audit', '--no-fund'], { env });
  if (code !== 0) {
    throw new Obstacle(`npm could not install the packages of package-lock.json:\n${output.slice(-1500)}`);
  }
  writeFileSync(STAMP, lock);
}

/**
 * Installs a Debian package unless what it brings is there.
 * @param {string} name the package
 * @param {() => boolean} isThere
 */
export async function ensureDebianPackage(name, isThere) {
  if (isThere()) return;
  const asRoot = process.getuid?.() === 0 ? [] : await findSudo(name);
  say(`${name}: installing Debian's package`);
  const apt = [...asRoot, 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get'];
  await runCommand(apt[0] ?? 'env', [...apt.slice(1), 'update', '-qq']);
  const install = ['install', '-y', '-qq', '--no-install-recommends', name];
  const { code, output } = await runCommand(apt[0] ?? 'env', [...apt.slice(1), ...install]);
  if (isThere()) return;
  if (/no space left/i.test(output)) {
    throw new Obstacle(
      `The disk is full: Debian's package ${name} could not be installed. Free some space and try again.`,
    );
  }
  throw new Obstacle(
    `Debian's package ${name} could not be installed (apt-get ended with ${code}):\n${output.slice(-1500)}`,
  );
}

/** @param {string} name */
async function findSudo(name) {
  const { code } = await runCommand('sudo', ['-n', 'true']);
  if (code === 0) return ['sudo', '-n'];
  throw new Obstacle(
    `Debian's package ${name} is missing and this user may not install it. Run once as root: apt-get install ${name}`,
  );
}
