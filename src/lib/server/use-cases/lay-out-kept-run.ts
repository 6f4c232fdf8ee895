import { catalogue } from '../catalogue.ts';
import { readKeptRunDoc, type WireRefusal } from '#core/formats';
import { resolveRules } from '#core/house-rules';
import { accept, type Result } from '#core/outcome';
import { checkRun, type Finding } from '#core/checks';
import { foldEvents } from '#core/runs/changes';
import { layOutRun, type RunLayout } from '#core/runs/layout';
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
