import pino from 'pino';

/** JSON lines to standard output: request ids, routes and codes; never measurements or names. Errors go through `describeError`. */
export const log = pino({ level: process.env['PORTHOLE_LOG'] ?? 'info', base: null });
