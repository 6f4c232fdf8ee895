import { accept, refuse, type Result } from '#core/outcome';
import type { WireRefusal } from '#core/formats';
import type { RunEvent } from '#core/runs/changes';
import type { Actor } from '../actor.ts';
import type { Database, Queryable } from '../db/database.ts';
import { hasEverHad } from '../repositories/changes.ts';
import { findEvent, insertEvent } from '../repositories/events.ts';
import { findRunHead } from '../repositories/runs.ts';
import { requireOpenJob } from './require-open-job.ts';

/**
 * Records an event of a run. Sent twice it is recorded once. Its piece (of a hook-up, the point of its
 * appliance) must be, or once have been, in the run; what
 * a correction corrects must be there.
 */
export async function recordEvent(
  db: Database,
  { crew }: Actor,
  job: string,
  run: string,
  event: RunEvent,
): Promise<Result<{ atServer: string }, WireRefusal>> {
  return db.transaction(async (tx) => {
    const open = await requireOpenJob(tx, crew, job);
    if (!(await findRunHead(tx, crew, job, run))) return refuse({ code: 'run-unknown', run });
    const { subject } = event;
    if (event.kind === 'hook-up') {
      if (!(await hasEverHad(tx, crew, run, 'nodes', subject)))
        return refuse({ code: 'appliance-unknown', node: subject });
    } else if (!(await isPieceOfRun(tx, crew, run, subject))) {
      return refuse({ code: 'piece-unknown', piece: subject });
    }
    if (event.corrects !== null) {
      const corrected = await findEvent(tx, crew, event.corrects);
      if (corrected?.run !== run || corrected.event.subject !== event.subject) {
        return refuse({ code: 'event-corrects-nothing', corrects: event.corrects });
      }
    }
    const kept = await findEvent(tx, crew, event.id);
    if (kept) return answerKept(kept, run, event);
    if (!open.ok) return open;
    const atServer = await insertEvent(tx, crew, run, event);
    if (atServer) return accept({ atServer: atServer.toISOString() });
    // Sent twice at once: the other was faster.
    return answerKept((await findEvent(tx, crew, event.id))!, run, event);
  });
}

function answerKept(
  kept: NonNullable<Awaited<ReturnType<typeof findEvent>>>,
  run: string,
  { id, subject }: RunEvent,
): Result<{ atServer: string }, WireRefusal> {
  const isSame = kept.run === run && kept.event.subject === subject;
  return isSame ? accept({ atServer: kept.atServer.toISOString() }) : refuse({ code: 'id-taken', id });
}

/** A piece id is `station:leg~station:leg`; its leg must have been put into this run at some time. */
async function isPieceOfRun(tx: Queryable, crew: string, run: string, piece: string): Promise<boolean> {
  const match = /^[a-z0-9.#]+:([a-z0-9]+)~[a-z0-9.#]+:([a-z0-9]+)$/.exec(piece);
  if (!match || match[1] !== match[2]) return false;
  return hasEverHad(tx, crew, run, 'legs', match[1]!);
}
