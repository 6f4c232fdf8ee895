import { catalogue } from '../catalogue.ts';
import { readKeptRunDoc } from '#core/formats/apply-to-run-doc.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { resolveRules } from '#core/house-rules/house-rules.ts';
import { accept, type Result } from '#core/outcome/result.ts';
import { checkRun } from '#core/checks/checks.ts';
import type { Finding } from '#core/checks/finding.ts';
import { foldEvents } from '#core/runs/fold-events.ts';
import { layOutRun } from '#core/runs/lay-out-run.ts';
import type { RunLayout } from '#core/runs/layout.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { readRun, type RunText } from './read-run.ts';

/** A run as the server holds it, laid out and checked. */
export interface KeptLayout extends Pick<RunText, 'job' | 'run'> {
  readonly layout: RunLayout;
  readonly findings: readonly Finding[];
}

/** Reads a run and lays out its newest revision, with what was recorded of it. For a long one this is work for a thread. */
export async function layOutKeptRun(
  db: Database,
  actor: Actor,
  job: string,
  run: string,
): Promise<Result<KeptLayout, WireRefusal>> {
  const read = await readRun(db, actor, job, run);
  if (!read.ok) return read;
  const doc = readKeptRunDoc(JSON.parse(read.value.doc));
  if (!doc.ok) return doc;
  const rules = resolveRules(doc.value.ruleChoices);
  const layout = layOutRun(doc.value, catalogue, rules, foldEvents(read.value.events));
  return accept({
    job: read.value.job,
    run: read.value.run,
    layout,
    findings: checkRun(layout, read.value.job),
  });
}
