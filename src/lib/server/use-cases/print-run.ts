import type { WireRefusal } from '#core/formats/wire.ts';
import type { Result } from '#core/outcome/result.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import type { Paper } from '../pdf/write-run-pdf.ts';
import { doInThread } from '../work/work-force.ts';
import { readRun } from './read-run.ts';

/** A run on paper, as the server holds it: its newest revision. Drawn in a thread; `signal` stops it. */
export async function printRun(
  db: Database,
  actor: Actor,
  job: string,
  run: string,
  paper: Paper,
  signal?: AbortSignal,
): Promise<Result<Uint8Array, WireRefusal>> {
  const read = await readRun(db, actor, job, run);
  if (!read.ok) return read;
  const { doc, events, job: details, run: heading } = read.value;
  const toPrint = {
    job: details.name,
    place: details.place,
    run: heading.name,
    revision: heading.revision,
    unit: details.units,
    doc,
    events,
    paper,
    now: new Date(),
  };
  return doInThread('printRun', toPrint, signal ? { signal } : {});
}
