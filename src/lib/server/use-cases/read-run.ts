import { accept, refuse, type Result } from '#core/outcome/result.ts';
import { readRunDoc } from '#core/formats/read-run-doc.ts';
import type { RunAnswer, WireRefusal } from '#core/formats/wire.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { listEvents } from '../repositories/events.ts';
import { findJob } from '../repositories/jobs.ts';
import { findRun } from '../repositories/runs.ts';

/** A run with its job and events, as one moment of the database shows them. */
export async function readRun(
  db: Database,
  { crew }: Actor,
  job: string,
  id: string,
): Promise<Result<RunAnswer, WireRefusal>> {
  return db.transaction(
    async (tx) => {
      const found = await findJob(tx, crew, job);
      if (!found) return refuse({ code: 'job-unknown', job });
      const row = await findRun(tx, crew, job, id);
      if (!row) return refuse({ code: 'run-unknown', run: id });
      const doc = readRunDoc(row.doc);
      if (!doc.ok) return doc;
      const run = { id: row.id, name: row.name, revision: row.revision };
      return accept({ job: found, run, doc: doc.value, events: await listEvents(tx, crew, id) });
    },
    { isolationLevel: 'repeatable read', accessMode: 'read only' },
  );
}
