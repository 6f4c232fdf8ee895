/** What reads a job file: fetched when one is chosen. */
export { parseText, readJobs, summariseFile } from '#core/formats';
