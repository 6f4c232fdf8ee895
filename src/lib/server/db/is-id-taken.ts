/** Whether an error, or what caused it, says that a row of this key is there already (PostgreSQL 23505). */
export function isIdTaken(error: unknown): boolean {
  for (let cause = error; cause instanceof Error; cause = cause.cause) {
    if ('code' in cause && cause.code === '23505') return true;
  }
  return false;
}
