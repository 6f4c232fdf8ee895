import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { readKeptRunDoc } from '#core/formats/apply-to-run-doc.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { resolveRules } from '#core/house-rules/house-rules.ts';
import { accept, type Result } from '#core/outcome/result.ts';
import { checkRun } from '#core/runs/checks/checks.ts';
import type { RunEvent } from '#core/runs/event.ts';
import { foldEvents } from '#core/runs/fold-events.ts';
import { layOutRun } from '#core/runs/lay-out-run.ts';
import { writeRunPdf, type Paper, type PrintedRun } from '../pdf/write-run-pdf.ts';

/** A run as the server holds it, with what its sheet says of it. */
export interface RunToPrint extends Omit<PrintedRun, 'layout' | 'findings'> {
  readonly doc: string;
  readonly events: readonly RunEvent[];
  readonly paper: Paper;
  readonly now: Date;
}

/** Drawing and cut sheet of a run as the bytes of a PDF. */
export async function printRun({
  doc,
  events,
  paper,
  now,
  ...said
}: RunToPrint): Promise<Result<Uint8Array, WireRefusal>> {
  const read = readKeptRunDoc(JSON.parse(doc));
  if (!read.ok) return read;
  const rules = resolveRules(read.value.ruleChoices);
  const layout = layOutRun(read.value, standardCatalogue, rules, foldEvents(events));
  return accept(await writeRunPdf({ ...said, layout, findings: checkRun(layout) }, paper, now));
}
