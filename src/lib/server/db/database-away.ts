/** Codes of the driver and of PostgreSQL that mean: not there, going away, not ready yet, or too slow to answer. */
const AWAY = new Set([
  'CONNECT_TIMEOUT', 'CONNECTION_CLOSED', 'CONNECTION_ENDED', 'CONNECTION_DESTROYED',
  'ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ENOTFOUND', 'EAI_AGAIN', 'ETIMEDOUT',
  '57P01', '57P02', '57P03', '57014', '53300', '53100', '58030', '42P01', '3D000', '25006',
]); // prettier-ignore

/** Whether an error, or what caused it, says that the database is away. A table not made yet counts: it is starting. */
export function isDatabaseAway(error: unknown): boolean {
  for (let cause = error; cause instanceof Error; cause = cause.cause) {
    const code = 'code' in cause ? String(cause.code) : '';
    if (AWAY.has(code) || code.startsWith('08')) return true;
    if (cause instanceof AggregateError && cause.errors.some(isDatabaseAway)) return true;
  }
  return false;
}
