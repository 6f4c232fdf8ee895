/**
 * The tasks of a thread: plain data in, plain data out, nothing kept between two of them. A folder's worth of core comes with
 * them, which is why they are loaded here and not by the server itself.
 */
import { applyChange, carryUp } from './apply-change.ts';
import { importFile } from './import-file.ts';
import { printRun } from './print-run.ts';
import { readChange } from './read-change.ts';

export { applyChange, carryUp, importFile, printRun, readChange };
export const TASKS = { applyChange, carryUp, importFile, printRun, readChange };
