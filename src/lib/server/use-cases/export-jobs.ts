import { CATALOGUE_VERSION } from '#core/catalogue/standard-catalogue.ts';
import { APP_VERSION } from '#core/formats/app-version.ts';
import { JOB_FILE_VERSION, type JobFile, type JobsFile } from '#core/formats/job-file.ts';
import { readRunDoc } from '#core/formats/read-run-doc.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { RULE_PACK_VERSION } from '#core/house-rules/house-rules.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Actor } from '../actor.ts';
import type { Database, Queryable } from '../db/database.ts';
import { listChangesWithOps } from '../repositories/changes.ts';
import { listEvents } from '../repositories/events.ts';
import { findJob, findJobTimes, listJobs } from '../repositories/jobs.ts';
import { listMilestones } from '../repositories/milestones.ts';
import { listRuns } from '../repositories/runs.ts';
import { listSpecimensWithTimes } from '../repositories/specimens.ts';

const READ = { isolationLevel: 'repeatable read', accessMode: 'read only' } as const;

/** A job with everything that belongs to it, as one moment of the database shows it. */
export const exportJob = (db: Database, { crew }: Actor, id: string): Promise<Result<JobFile, WireRefusal>> =>
  db.transaction((tx) => makeJobFile(tx, crew, id), READ);

/** Every job of the crew in one file, the newest first. */
export const exportJobs = (db: Database, { crew }: Actor): Promise<Result<JobsFile, WireRefusal>> =>
  db.transaction(async (tx) => {
    const jobs: JobFile[] = [];
    for (const { id } of await listJobs(tx, crew)) {
      const file = await makeJobFile(tx, crew, id);
      if (!file.ok) return file;
      jobs.push(file.value);
    }
    return accept({ porthole: 'jobs', version: JOB_FILE_VERSION, jobs } as const);
  }, READ);

/** Made inside a transaction: import compares with it what is here already. */
export async function makeJobFile(
  tx: Queryable,
  crew: string,
  id: string,
): Promise<Result<JobFile, WireRefusal>> {
  const [job, createdAt] = [await findJob(tx, crew, id), await findJobTimes(tx, crew, id)];
  if (!job || !createdAt) return refuse({ code: 'job-unknown', job: id });
  const runs: JobFile['runs'][number][] = [];
  for (const row of await listRuns(tx, crew, id)) {
    const doc = readRunDoc(row.doc);
    if (!doc.ok) return doc;
    const events = await listEvents(tx, crew, row.id);
    runs.push({
      id: row.id,
      name: row.name,
      revision: row.revision,
      createdAt: row.createdAt.toISOString(),
      changedAt: row.changedAt.toISOString(),
      doc: doc.value,
      changes: await listChangesWithOps(tx, crew, row.id),
      events: events.map((event) => ({ ...event, atServer: event.atServer ?? row.changedAt.toISOString() })),
    });
  }
  const { name, place, units, gas, jurisdiction, edition, ruleChoices } = job;
  const people = job.people.map((person) => person.name).sort();
  return accept({
    porthole: 'job',
    version: JOB_FILE_VERSION,
    written: { app: APP_VERSION, catalogue: CATALOGUE_VERSION, rulePack: RULE_PACK_VERSION },
    job: {
      id,
      createdAt: createdAt.toISOString(),
      name,
      place,
      units,
      gas,
      jurisdiction,
      edition,
      ruleChoices,
      people,
    },
    runs,
    specimens: await listSpecimensWithTimes(tx, crew, id),
    milestones: await listMilestones(tx, crew, id),
  });
}
