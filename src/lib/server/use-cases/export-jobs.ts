import { CATALOGUE_VERSION } from '#core/catalogue';
import { APP_VERSION, JOB_FILE_VERSION, type WireRefusal } from '#core/formats';
import { RULE_PACK_VERSION } from '#core/house-rules';
import { pickDetails } from '#core/jobs';
import { accept, refuse, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import type { Database, Queryable } from '../db/database.ts';
import { listChangesWithOps } from '../repositories/changes.ts';
import { listEvents } from '../repositories/events.ts';
import { findJobRow, listJobRows, type JobRow } from '../repositories/jobs.ts';
import { listMilestones } from '../repositories/milestones.ts';
import { getPeopleByJob } from '../repositories/people.ts';
import { listRunHeads, findRun, type RunHead } from '../repositories/runs.ts';
import { listSpecimensWithTimes } from '../repositories/specimens.ts';
import { JsonText } from '../work/json-text.ts';
import { bringUpToDate } from './read-run.ts';

/** Jobs that are looked up at a time. */
const PAGE = 100;

/** A job with everything that belongs to it in one file, as one moment of the database shows it; its text is given to `take`. */
export const exportJob = (
  db: Database,
  { crew }: Actor,
  id: string,
  take: (text: string) => Promise<void>,
): Promise<Result<void, WireRefusal>> =>
  db.transaction(async (tx): Promise<Result<void, WireRefusal>> => {
    const row = await findJobRow(tx, crew, id);
    if (!row) return refuse({ code: 'job-unknown', job: id });
    const file = await writeJobFile(tx, crew, row);
    if (!file.ok) return file;
    await take(`${file.value.text}\n`);
    return accept(undefined);
  }, 'snapshot');

/** Which jobs of the crew go into a file: from the job `first` to the job `last` in the order they were opened. */
export interface JobRange {
  readonly first: string;
  readonly last: string;
}

/**
 * Jobs of the crew in one file, the newest first, as one moment of the database shows them. Its text is given piece by
 * piece to `take`, which says when the next is wanted: no more than one job is ever held.
 */
export const exportJobs = (
  db: Database,
  { crew }: Actor,
  { first, last }: JobRange,
  take: (text: string) => Promise<void>,
): Promise<Result<void, WireRefusal>> =>
  db.transaction(async (tx): Promise<Result<void, WireRefusal>> => {
    const newest = await findJobRow(tx, crew, last);
    if (!newest) return refuse({ code: 'job-unknown', job: last });
    const oldest = await findJobRow(tx, crew, first);
    if (!oldest || oldest.createdAt > newest.createdAt) return refuse({ code: 'job-unknown', job: first });
    await take(`{"porthole":"jobs","version":${JOB_FILE_VERSION},"jobs":[`);
    let rows = [newest];
    let isFirst = true;
    while (rows.length > 0) {
      for (const row of rows) {
        const file = await writeJobFile(tx, crew, row);
        if (!file.ok) return file;
        await take(`${isFirst ? '' : ','}${file.value.text}`);
        isFirst = false;
        if (row.id === first) {
          await take(']}\n');
          return accept(undefined);
        }
      }
      rows = await listJobRows(tx, crew, PAGE, rows.at(-1)!.id);
    }
    // Opened after the last within the same moment.
    return refuse({ code: 'job-unknown', job: first });
  }, 'snapshot');

/** Made inside a transaction: import compares with it what is here already. */
export async function writeJobFile(
  tx: Queryable,
  crew: string,
  row: JobRow,
): Promise<Result<JsonText, WireRefusal>> {
  const { id, createdAt, ruleChoices } = row;
  const people = (await getPeopleByJob(tx, crew, [id])).get(id) ?? [];
  const runs: JsonText[] = [];
  for (const head of await listRunHeads(tx, crew, id)) {
    const run = await writeRun(tx, crew, head);
    if (!run.ok) return run;
    runs.push(run.value);
  }
  const job = {
    id,
    createdAt,
    ...pickDetails(row),
    ruleChoices,
    people: people.map((person) => person.name).sort(),
  };
  return accept(
    JsonText.object({
      porthole: 'job',
      version: JOB_FILE_VERSION,
      written: { app: APP_VERSION, catalogue: CATALOGUE_VERSION, rulePack: RULE_PACK_VERSION },
      job,
      runs: JsonText.list(runs),
      specimens: await listSpecimensWithTimes(tx, crew, id),
      milestones: await listMilestones(tx, crew, id),
    }),
  );
}

async function writeRun(
  tx: Queryable,
  crew: string,
  { id, job, name, revision, createdAt, changedAt }: RunHead,
): Promise<Result<JsonText, WireRefusal>> {
  const doc = bringUpToDate((await findRun(tx, crew, job, id))!.doc);
  if (!doc.ok) return doc;
  const changes = await listChangesWithOps(tx, crew, id);
  const events = await listEvents(tx, crew, id);
  return accept(
    JsonText.object({
      id,
      name,
      revision,
      createdAt,
      changedAt,
      doc: new JsonText(doc.value),
      changes,
      events,
    }),
  );
}
