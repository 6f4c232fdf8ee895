import { json } from '@sveltejs/kit';
import { CATALOGUE_VERSION } from '#core/catalogue';
import { APP_VERSION } from '#core/formats';
import { isDatabaseAway } from '#server/db/database-away.ts';
import { log } from '#server/log.ts';
import { describeError } from '#server/log-error.ts';
import { writeOnce } from '#server/db/write-once.ts';
import { countConnections, getDatabase } from '#server/service.ts';
import type { RequestHandler } from './$types';

/** Asked again within so many milliseconds the last answer holds: asking is no load. */
const HOLDS = 1000;
let last: { at: number; health: Promise<Health> } | null = null;

interface Health {
  readonly database: 'up' | 'away';
  /** Whether what is written is kept: a full disk or a standby still answers questions. */
  readonly writes: 'up' | 'failing';
}

/** Is the server well, does its database answer, and does it keep what is written? 200 when all do, 503 when not. */
export const GET: RequestHandler = async () => {
  if (!last || performance.now() - last.at > HOLDS) last = { at: performance.now(), health: look() };
  const health = await last.health;
  const versions = { app: APP_VERSION, catalogue: CATALOGUE_VERSION };
  const isWell = health.database === 'up' && health.writes === 'up';
  return json(
    { server: 'up', ...health, connections: countConnections(), ...versions },
    { status: isWell ? 200 : 503, headers: { 'cache-control': 'no-store' } },
  );
};

async function look(): Promise<Health> {
  try {
    await writeOnce(getDatabase());
    return { database: 'up', writes: 'up' };
  } catch (error) {
    log.warn({ error: describeError(error) }, 'writing fails');
    return { database: isReadable(error) ? 'up' : 'away', writes: 'failing' };
  }
}

/** A database that refuses to write by a code of its own is there; one that is away says nothing. */
const isReadable = (error: unknown): boolean => {
  const codes = describeError(error).map(({ code }) => code ?? '');
  return codes.some((code) => /^(?:25006|53100|58\w{3})$/.test(code)) || !isDatabaseAway(error);
};
