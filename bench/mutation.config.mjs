import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { MUTATION_ROOMS } from './mutation-rooms.mjs';

/**
 * Faults in one room; `npm run bench -- --only mutation` goes through all of them. Of a room that many lines are altered, by a seed; with
 * PORTHOLE_WHOLE every one.
 */
const LINES = 60;
const SEED = 14_003;
const room = process.env.PORTHOLE_ROOM ?? '';
const { mutate, tests, lines: count = LINES } = MUTATION_ROOMS[room] ?? { mutate: [], tests: [] };

/** `a/{b,c}.ts` is `a/b.ts` and `a/c.ts`. @param {string} glob @returns {string[]} */
const spread = (glob) => {
  const braces = /\{([^}]*)\}/.exec(glob);
  return braces
    ? (braces[1] ?? '').split(',').flatMap((each) => spread(glob.replace(braces[0], each)))
    : [glob];
};

/** A seeded share of the lines that do something, as places of the tool. */
function pickLines() {
  const globs = mutate.flatMap(spread).map((glob) => `:(glob)${glob}`);
  const files = execFileSync('git', ['ls-files', ...globs], { encoding: 'utf8' })
    .trim()
    .split('\n');
  const lines = files
    .filter((file) => !file.endsWith('.test.ts'))
    .flatMap((file) =>
      readFileSync(file, 'utf8')
        .split('\n')
        .flatMap((text, i) =>
          /^\s*(\*|\/[/*]|import|export (type|interface)|readonly|\}|\)|\]|[|&] )|^\s*$/.test(text)
            ? []
            : [`${file}:${i + 1}:0-${i + 1}:${text.length}`],
        ),
    );
  let state = SEED;
  const random = () => ((state = (state * 1_103_515_245 + 12_345) % 2 ** 31), state / 2 ** 31);
  for (let i = lines.length - 1; i > 0; i--) {
    const k = Math.floor(random() * (i + 1));
    [lines[i], lines[k]] = [lines[k] ?? '', lines[i] ?? ''];
  }
  return lines.slice(0, count);
}

export default {
  testRunner: 'mocha',
  testRunnerNodeArgs: [
    '--import=tsx/esm',
    '--import=./tests/support/register-runes.mjs',
    '--conditions=browser',
  ],
  mochaOptions: { spec: tests.flatMap(spread), config: 'bench/mutation.mocharc.json' },
  mutate: process.env.PORTHOLE_WHOLE ? [...mutate, '!src/lib/**/*.test.ts'] : pickLines(),
  coverageAnalysis: 'perTest',
  plugins: ['@stryker-mutator/mocha-runner'],
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: `.porthole/mutation/${room}.json` },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  tempDirName: '.porthole/mutation/sandbox',
  ignoreStatic: true,
  disableTypeChecks: true,
  timeoutMS: 8000,
  concurrency: 2,
  timeoutFactor: 1.5,
};
