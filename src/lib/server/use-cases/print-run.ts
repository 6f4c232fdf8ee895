import type { WireRefusal } from '#core/formats';
import { accept, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { writeRunPdf, type Paper } from '../pdf/write-run-pdf.ts';
import { layOutKeptRun } from './lay-out-kept-run.ts';

/** A run on paper, as the server holds it: its newest revision. Drawing it takes seconds for a long one: it is done in a thread. */
export async function printRun(
  db: Database,
  actor: Actor,
  job: string,
  run: string,
  paper: Paper,
): Promise<Result<Uint8Array<ArrayBuffer>, WireRefusal>> {
  const laid = await layOutKeptRun(db, actor, job, run);
  if (!laid.ok) return laid;
  const { job: details, run: heading, layout, findings } = laid.value;
  const printed = {
    job: details.name,
    place: details.place,
    run: heading.name,
    revision: heading.revision,
    layout,
    findings,
    unit: details.units,
    jurisdiction: details.jurisdiction,
  };
  return accept(new Uint8Array(await writeRunPdf(printed, paper, new Date())));
}
