import { existsSync, readFileSync } from 'node:fs';

/** @typedef {{ passed: number, failed: number, problems: string[] }} Counts */

/**
 * Reads the counts a Mocha JSON report gives. A report that is missing is a failure.
 * @param {string} file @returns {Counts}
 */
export function readMochaReport(file) {
  if (!existsSync(file))
    return { passed: 0, failed: 1, problems: [`no report at ${file}: the runner broke off`] };
  const { stats, failures } = JSON.parse(readFileSync(file, 'utf8'));
  return {
    passed: stats.passes,
    failed: stats.failures,
    problems: failures.map(
      (/** @type {{ fullTitle: string, err: { message?: string, stack?: string } }} */ { fullTitle, err }) =>
        `${fullTitle}\n    ${err.stack ?? err.message ?? ''}`,
    ),
  };
}

/**
 * Reads the counts a Playwright JSON report gives. A report that is missing is a failure.
 * @param {string} file @returns {Counts}
 */
export function readPlaywrightReport(file) {
  if (!existsSync(file))
    return { passed: 0, failed: 1, problems: [`no report at ${file}: the runner broke off`] };
  const { stats, errors } = JSON.parse(readFileSync(file, 'utf8'));
  const broken = errors.map((/** @type {{ message: string }} */ error) => error.message);
  return {
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky + broken.length,
    problems: broken,
  };
}
