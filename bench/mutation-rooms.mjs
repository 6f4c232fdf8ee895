/**
 * Where faults are put in, one at a time, room by room: which files, which tests have to notice, and the least share of the faults
 * (per cent) that they must.
 * @typedef {object} MutationRoom
 * @property {readonly string[]} mutate
 * @property {readonly string[]} tests
 * @property {number} least
 * @property {number} [lines] how many are altered, where the tests of a room take long
 */

const core = (/** @type {string[]} */ ...files) => files.map((file) => `src/lib/core/${file}`);

/** @type {Readonly<Record<string, MutationRoom>>} */
export const MUTATION_ROOMS = {
  allowances: {
    mutate: core('allowances/*.ts'),
    tests: core('allowances/*.test.ts', 'cutting/*.test.ts', 'runs/**/{cut-lengths,trade-figures}.test.ts'),
    least: 90,
  },
  cutting: {
    mutate: core('cutting/*.ts', 'units/tape.ts', 'runs/**/{lay-pieces,laid-piece,lay-inline}.ts'),
    tests: [
      ...core(
        'cutting/*.test.ts',
        'units/*.test.ts',
        'allowances/*.test.ts',
        'formats/{run-files,tube-files}.test.ts',
      ),
      ...core(
        'runs/**/{cut-lengths,line-rounding,trade-figures,clocked-joints,explain,existing-end,tube-runs,lay-out-run}.test.ts',
      ),
      'src/lib/words/{printed-lengths,pipe-totals}.test.ts',
    ],
    least: 90,
  },
  measures: {
    mutate: core(
      'runs/**/{solve-lengths,station-graph}.ts',
      'runs/commands/branch-here.ts',
      'checks/loops-close.ts',
    ),
    tests: core(
      'runs/**/{solve-lengths,lay-out-run,trade-figures}.test.ts',
      'runs/commands/*.test.ts',
      'checks/*.test.ts',
    ),
    least: 85,
  },
  bending: {
    mutate: core('bending/*.ts'),
    tests: [
      ...core('bending/*.test.ts', 'runs/**/{tube-runs,tube-fittings}.test.ts', 'formats/tube-files.test.ts'),
      'src/lib/words/tube-in-bender.test.ts',
    ],
    least: 90,
  },
  supports: {
    mutate: core('supports/*.ts'),
    tests: [...core('supports/*.test.ts'), 'src/lib/words/supports.test.ts'],
    least: 85,
  },
  ground: {
    mutate: core('ground/*.ts'),
    tests: core('ground/*.test.ts', 'checks/*.test.ts'),
    least: 85,
  },
  permissions: {
    mutate: core('permissions/**/*.ts'),
    tests: core('permissions/*.test.ts', 'checks/{legs-may-run,passages-are-guarded}.test.ts'),
    least: 85,
  },
  traps: {
    mutate: core('traps/**/*.ts'),
    tests: core('traps/*.test.ts', 'checks/drop-checks.test.ts', 'build-in/put-right.test.ts'),
    least: 85,
  },
  joints: {
    mutate: core('joints/**/*.ts'),
    tests: core('joints/**/*.test.ts', 'runs/**/clocked-joints.test.ts'),
    least: 85,
  },
  transitions: {
    mutate: core('transitions/*.ts'),
    tests: [
      ...core('transitions/*.test.ts', 'runs/**/transitions.test.ts'),
      'src/lib/words/{counter-names,transition-table}.test.ts',
    ],
    least: 85,
    lines: 30,
  },
  shorthand: {
    mutate: core('shorthand/*.ts'),
    tests: core('shorthand/*.test.ts'),
    least: 85,
  },
  changes: {
    mutate: core('runs/**/change.ts'),
    tests: core('runs/**/{change,rewind,compare-runs}.test.ts', 'formats/formats.test.ts'),
    least: 85,
  },
  history: {
    mutate: [
      ...core('runs/**/{fold-events,rewind}.ts', 'formats/{carry-up,check-history}.ts'),
      'src/lib/ui/store/run-steps.svelte.ts',
    ],
    tests: [
      ...core('runs/**/{fold-events,rewind}.test.ts', 'formats/{carry-up,check-history}.test.ts'),
      'src/lib/ui/store/run-steps.test.ts',
    ],
    least: 85,
  },
};
