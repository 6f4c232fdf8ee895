/** Codes of the driver and of PostgreSQL that mean: not there, going away, not ready yet, too busy, or too slow to answer. */
const AWAY = new Set([
  'ECONNREFUSED', 'ECONNRESET', 'ECONNABORTED', 'EPIPE', 'ENOTFOUND', 'EAI_AGAIN', 'ETIMEDOUT', 'EHOSTUNREACH',
  'ERR_STREAM_DESTROYED', 'ERR_STREAM_WRITE_AFTER_END', 'ERR_SOCKET_CLOSED',
  '57P01', '57P02', '57P03', '57P05', '57014', '53000', '53100', '53200', '53300', '53400', '58000', '58030',
  '55P03', '25P03', '40001', '40P01', '42P01', '3D000', '25006',
]); // prettier-ignore

/** The driver says these without a code: a socket that died under a query, a pool with nothing to give, a server that is silent. */
const AWAY_WITHOUT_CODE =
  /^(?:Connection terminated|timeout expired|timeout exceeded when trying to connect|Client (?:has encountered a connection error|was closed) and is not queryable|Cannot use a pool after calling end)/;

/** PostgreSQL undid the transaction so that another could end; done again it goes through (serialization failure, deadlock). */
const COLLIDED = new Set(['40001', '40P01']);

/** The database did not answer in time, though its connection stands. */
export class DatabaseSilent extends Error {
  readonly code = 'ETIMEDOUT';
}

/** Whether an error, or what caused it, says that the database is away. A table not made yet counts: it is starting. */
export function isDatabaseAway(error: unknown): boolean {
  for (const cause of listCauses(error)) {
    const code = 'code' in cause ? String(cause.code) : '';
    if (AWAY.has(code) || code.startsWith('08')) return true;
    if (code === '' && AWAY_WITHOUT_CODE.test(cause.message)) return true;
    if (cause instanceof AggregateError && cause.errors.some(isDatabaseAway)) return true;
  }
  return false;
}

/** Whether the transaction met another one and may be done again. */
export const isCollision = (error: unknown): boolean =>
  listCauses(error).some((cause) => 'code' in cause && COLLIDED.has(String(cause.code)));

/** An error and what caused it, outermost first. */
export function listCauses(error: unknown): Error[] {
  const causes: Error[] = [];
  for (let cause = error; cause instanceof Error && causes.length < 10; cause = cause.cause)
    causes.push(cause);
  return causes;
}
