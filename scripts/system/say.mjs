/** Prints a line of progress. @param {string} line */
export const say = (line) => console.log(`· ${line}`);

/** Something the person at the machine must mend: shown as a sentence, without a stack. */
export class Obstacle extends Error {}

/**
 * Runs a command's main function; an obstacle ends it with its sentence and exit code 1.
 * @param {() => Promise<void>} main
 */
export async function runMain(main) {
  try {
    await main();
  } catch (error) {
    if (!(error instanceof Obstacle)) throw error;
    console.error(`\n${error.message}\n`);
    process.exitCode = 1;
  }
}
