import type { RulesEdit, WireRefusal } from '#core/formats';
import { mergeEdit, accept, refuse, type Result } from '#core/outcome';
import type { RuleChoices } from '#core/house-rules';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { getShopRules, holdCrew, setShopRules } from '../repositories/crews.ts';
import { findJobRow, setJobRules } from '../repositories/jobs.ts';
import { requireOpenJob } from './require-open-job.ts';

/** The shop's own house rules. */
export const readShopRules = async (
  db: Database,
  { crew }: Actor,
): Promise<Result<RuleChoices, WireRefusal>> => accept(await db.use((on) => getShopRules(on, crew)));

/**
 * Changes the shop's house rules, those that the edit is about: jobs opened from now on take a copy, those there are keep theirs. Refused where one
 * of them was changed meanwhile.
 */
export async function keepShopRules(
  db: Database,
  { crew }: Actor,
  edit: RulesEdit,
): Promise<Result<RuleChoices, WireRefusal>> {
  return db.transaction(async (tx) => {
    await holdCrew(tx, crew);
    const merged = merge(await getShopRules(tx, crew), edit);
    if (merged.ok) await setShopRules(tx, crew, merged.value);
    return merged;
  });
}

/**
 * Changes a job's house rules, those that the edit is about: runs begun from now on take a copy, those there are keep theirs. A finished job keeps
 * its own. Refused where one of them was changed meanwhile.
 */
export async function keepJobRules(
  db: Database,
  { crew }: Actor,
  job: string,
  edit: RulesEdit,
): Promise<Result<RuleChoices, WireRefusal>> {
  return db.transaction(async (tx) => {
    const open = await requireOpenJob(tx, crew, job, 'alone');
    if (!open.ok) return open;
    const merged = merge((await findJobRow(tx, crew, job))!.ruleChoices, edit);
    if (merged.ok) await setJobRules(tx, crew, job, merged.value);
    return merged;
  });
}

function merge(now: RuleChoices, { was, wanted }: RulesEdit): Result<RuleChoices, WireRefusal> {
  const merged = mergeEdit(now, was, wanted);
  return merged.ok
    ? merged
    : refuse({ code: 'changed-elsewhere', of: 'rules', name: '', fields: merged.refusal.fields });
}
