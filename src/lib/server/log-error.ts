import { listCauses } from './db/database-away.ts';

/** What may be told of an error: no names, no addresses, no measures, no documents. */
export interface ErrorForLog {
  readonly name: string;
  readonly code: string | null;
  /** What was asked of the database, with its places for values and not the values. */
  readonly query: string | null;
  /** Of our own mistakes and the language's, without what stood in quotes. */
  readonly message: string | null;
  readonly frames: readonly string[];
}

/** Errors whose messages the language writes, about names in the code. */
const OF_THE_LANGUAGE = new Set(['TypeError', 'RangeError', 'ReferenceError', 'AbortError', 'TimeoutError']);

/**
 * An error and what caused it, for the log. The messages and details of the database's errors and of our own hold what was
 * being kept, so of those only names, codes and places in the code are told.
 */
export const describeError = (error: unknown): readonly ErrorForLog[] =>
  listCauses(error).map((cause) => ({
    name: cause.name,
    code: 'code' in cause && /^[\w-]{1,40}$/.test(String(cause.code)) ? String(cause.code) : null,
    query: 'query' in cause && typeof cause.query === 'string' ? cause.query.slice(0, 500) : null,
    message: OF_THE_LANGUAGE.has(cause.name) ? hideQuoted(cause.message) : null,
    frames: (cause.stack ?? '')
      .split('\n')
      .filter((line) => /^\s+at /.test(line))
      .slice(0, 8)
      .map((line) => line.trim().replace(/\(?(?:file:\/\/)?\/[^\s)]*\/(?=[^/\s)]+\))/, '(')),
  }));

const hideQuoted = (text: string): string =>
  text.replace(/'[^']*'|"[^"]*"|“[^”]*”|`[^`]*`/g, '…').slice(0, 200);
