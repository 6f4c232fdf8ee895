import type { WireRefusal } from '#core/formats';
import type { Specimen } from '#core/identify';
import { accept, refuse, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJobRow } from '../repositories/jobs.ts';
import { listSpecimens } from '../repositories/specimens.ts';

/** The specimens of a job, the oldest first. */
export const readSpecimens = (
  db: Database,
  { crew }: Actor,
  job: string,
): Promise<Result<Specimen[], WireRefusal>> =>
  db.use(async (on) =>
    (await findJobRow(on, crew, job))
      ? accept(await listSpecimens(on, crew, job))
      : refuse({ code: 'job-unknown', job }),
  );
