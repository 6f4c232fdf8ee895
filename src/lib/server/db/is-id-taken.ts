import { listCauses } from './database-away.ts';

/** Whether an error, or what caused it, says that a row of this key is there already (PostgreSQL 23505). */
export const isIdTaken = (error: unknown): boolean =>
  listCauses(error).some((cause) => 'code' in cause && cause.code === '23505');
