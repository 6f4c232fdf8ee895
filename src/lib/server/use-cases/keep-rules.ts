import { accept, type Result } from '#core/outcome/result.ts';
import type { RuleChoices } from '#core/house-rules/house-rules.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { getShopRules, setShopRules } from '../repositories/crews.ts';
import { setJobRules } from '../repositories/jobs.ts';
import { requireOpenJob } from './require-open-job.ts';

/** The shop's own house rules. */
export const readShopRules = async (
  db: Database,
  { crew }: Actor,
): Promise<Result<RuleChoices, WireRefusal>> => accept(await db.use((on) => getShopRules(on, crew)));

/** Keeps the shop's house rules, whole: jobs opened from now on take a copy, those there are keep theirs. */
export async function keepShopRules(
  db: Database,
  { crew }: Actor,
  choices: RuleChoices,
): Promise<Result<RuleChoices, WireRefusal>> {
  await db.transaction((tx) => setShopRules(tx, crew, choices));
  return accept(choices);
}

/** Keeps a job's house rules, whole: runs begun from now on take a copy, those there are keep theirs. A finished job keeps its own. */
export async function keepJobRules(
  db: Database,
  { crew }: Actor,
  job: string,
  choices: RuleChoices,
): Promise<Result<RuleChoices, WireRefusal>> {
  return db.transaction(async (tx) => {
    const open = await requireOpenJob(tx, crew, job, 'alone');
    if (!open.ok) return open;
    await setJobRules(tx, crew, job, choices);
    return accept(choices);
  });
}
