import { expect } from 'chai';
import { chmodSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findFreePort } from '../../scripts/system/free-port.mjs';
import { ensureDebianPackage } from '../../scripts/system/installed.mjs';
import { runCommand } from '../../scripts/system/run-command.mjs';

const run = (script: string, args: readonly string[], env: Record<string, string | undefined>) =>
  runCommand(process.execPath, [script, ...args], {
    env: { ...process.env, DATABASE_URL: undefined, ...env },
  });

async function expectObstacle(
  result: Promise<{ code: number; output: string }>,
  sentence: RegExp,
): Promise<void> {
  const { code, output } = await result;
  expect(output).to.match(sentence);
  expect(output, 'no stack is shown').not.to.match(/\n\s+at /);
  expect(code).to.equal(1);
}

describe('the start commands answer an obstacle with a sentence', () => {
  let taken: Server;
  let port: number;

  before(async () => {
    port = await findFreePort();
    taken = createServer();
    await new Promise<void>((resolve) => taken.listen(port, '127.0.0.1', resolve));
  });
  after(() => taken.close());

  it('a taken port', () =>
    expectObstacle(
      run('scripts/demo.mjs', [], { PORT: String(port) }),
      /Port \d+ is taken.*PORT=7616 npm run demo/,
    ));

  it('a port that is none, and an option that is none', async () => {
    await expectObstacle(run('scripts/demo.mjs', [], { PORT: 'abc' }), /PORT is “abc”, which is no port/);
    await expectObstacle(run('scripts/demo.mjs', ['--rest'], {}), /Not known: --rest/);
  });

  it('no database named, or one in another language', async () => {
    await expectObstacle(run('scripts/start.mjs', [], {}), /Say which database to use: DATABASE_URL=/);
    await expectObstacle(run('scripts/start.mjs', [], { DATABASE_URL: 'mysql://x' }), /Say which database/);
  });

  it('a folder the database’s user may not enter, named where it is closed', async function () {
    if (process.getuid?.() !== 0) this.skip();
    const closed = mkdtempSync(join(tmpdir(), 'porthole-closed-'));
    mkdirSync(join(closed, 'inner'));
    chmodSync(closed, 0o700);
    try {
      const env = { PORTHOLE_DATA: join(closed, 'inner'), PORT: String(await findFreePort()) };
      await expectObstacle(
        run('scripts/demo.mjs', [], env),
        new RegExp(`may not enter ${closed} \\(mode 700\\)`),
      );
    } finally {
      rmSync(closed, { recursive: true });
    }
  });

  it('a package that cannot be had', async function () {
    this.timeout(120_000);
    const error = await ensureDebianPackage('no-such-package-of-debian', () => false).then(
      () => null,
      (caught: unknown) => caught as Error,
    );
    expect(error?.message).to.match(/no-such-package-of-debian (could not be installed|is missing)/);
  });
});
