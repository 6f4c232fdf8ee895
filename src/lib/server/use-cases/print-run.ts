import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { readKeptRunDoc } from '#core/formats/apply-to-run-doc.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { resolveRules } from '#core/house-rules/house-rules.ts';
import { accept, type Result } from '#core/outcome/result.ts';
import { checkRun } from '#core/runs/checks/checks.ts';
import { foldEvents } from '#core/runs/fold-events.ts';
import { layOutRun } from '#core/runs/lay-out-run.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { writeRunPdf, type Paper } from '../pdf/write-run-pdf.ts';
import { readRun } from './read-run.ts';

/** A run on paper, as the server holds it: its newest revision. Drawing it takes seconds for a long one: it is done in a thread. */
export async function printRun(
  db: Database,
  actor: Actor,
  job: string,
  run: string,
  paper: Paper,
): Promise<Result<Uint8Array<ArrayBuffer>, WireRefusal>> {
  const read = await readRun(db, actor, job, run);
  if (!read.ok) return read;
  const { events, job: details, run: heading } = read.value;
  const doc = readKeptRunDoc(JSON.parse(read.value.doc));
  if (!doc.ok) return doc;
  const rules = resolveRules(doc.value.ruleChoices);
  const layout = layOutRun(doc.value, standardCatalogue, rules, foldEvents(events));
  const printed = {
    job: details.name,
    place: details.place,
    run: heading.name,
    revision: heading.revision,
    layout,
    findings: checkRun(layout),
    unit: details.units,
  };
  return accept(new Uint8Array(await writeRunPdf(printed, paper, new Date())));
}
