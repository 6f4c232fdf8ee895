import type { WireRefusal } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findRunSize } from '../repositories/runs.ts';

/** Bytes of a document as it is kept (packed) up to which it is read and changed where it is asked for: some 300 legs, 5 ms. */
const LIGHT = 48 * 1024;

/** Whether a run is large enough that working on it would keep other requests waiting. */
export const weighRun = (
  db: Database,
  { crew }: Actor,
  job: string,
  run: string,
): Promise<Result<'light' | 'heavy', WireRefusal>> =>
  db.use(async (on) => {
    const size = await findRunSize(on, crew, job, run);
    if (size === null) return refuse({ code: 'run-unknown', run });
    return accept(size <= LIGHT ? 'light' : 'heavy');
  });
