import { readKeptRunDoc, type RunAnswer, type WireRefusal } from '#core/formats';
import { RUN_SCHEMA } from '#core/runs/document';
import { accept, refuse, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { listEvents } from '../repositories/events.ts';
import { findJob } from '../repositories/jobs.ts';
import { findRun } from '../repositories/runs.ts';
import { JsonText } from '../work/json-text.ts';

/** A run as it is answered, its document still the text that is kept. */
export interface RunText extends Omit<RunAnswer, 'doc'> {
  readonly doc: string;
}

/** A run with its job and events, as one moment of the database shows them. */
export async function readRun(
  db: Database,
  { crew }: Actor,
  job: string,
  id: string,
): Promise<Result<RunText, WireRefusal>> {
  const read = await db.transaction(async (tx): Promise<Result<RunText, WireRefusal>> => {
    const found = await findJob(tx, crew, job);
    if (!found) return refuse({ code: 'job-unknown', job });
    const row = await findRun(tx, crew, job, id);
    if (!row) return refuse({ code: 'run-unknown', run: id });
    const run = { id: row.id, name: row.name, revision: row.revision };
    return accept({ job: found, run, doc: row.doc, events: await listEvents(tx, crew, id) });
  }, 'snapshot');
  if (!read.ok) return read;
  const doc = bringUpToDate(read.value.doc);
  return doc.ok ? accept({ ...read.value, doc: doc.value }) : doc;
}

/** PostgreSQL writes a key and its value with one blank between; a quote within a text is escaped and never looks like this. */
const PRESENT = new RegExp(`"schema": ${RUN_SCHEMA}[,}]`);

/** The text of a kept document in the present version. */
export function bringUpToDate(doc: string): Result<string, WireRefusal> {
  if (PRESENT.test(doc)) return accept(doc);
  const read = readKeptRunDoc(JSON.parse(doc));
  return read.ok ? accept(JSON.stringify(read.value)) : read;
}

/** The same as the text of a `RunAnswer`. */
export async function readRunText(
  db: Database,
  actor: Actor,
  job: string,
  id: string,
): Promise<Result<JsonText, WireRefusal>> {
  const run = await readRun(db, actor, job, id);
  return run.ok ? accept(JsonText.object({ ...run.value, doc: new JsonText(run.value.doc) })) : run;
}
