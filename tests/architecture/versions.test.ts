import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { APP_VERSION } from '#core/formats';
import { LIMITS } from '#core/shapes';
import { BODY_LIMIT } from '../../scripts/system/body-limit.mjs';

describe('what is said in two places', () => {
  it('agrees: the version of the app', () => {
    const { version } = JSON.parse(readFileSync('package.json', 'utf8')) as { version: string };
    expect(APP_VERSION).to.equal(version);
  });

  it('agrees: the adapter lets through what the server then refuses with a sentence', () => {
    expect(Number.parseInt(BODY_LIMIT) * 1024 * 1024).to.be.greaterThan(Math.max(LIMITS.body, LIMITS.file));
  });

  it('agrees: packages are pinned exactly', () => {
    const { dependencies, devDependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as Record<
      'dependencies' | 'devDependencies',
      Record<string, string>
    >;
    for (const [name, version] of Object.entries({ ...dependencies, ...devDependencies })) {
      expect(version, name).to.match(/^\d/);
    }
  });
});
