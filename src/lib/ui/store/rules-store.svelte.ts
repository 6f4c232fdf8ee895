import { resolveRules, type HouseRules, type RuleChoices, type RuleId } from '#core/house-rules';
import type { RulesEdit } from '#core/formats';
import type { Result } from '#core/outcome';
import { findFinish, type JobMilestone } from '#core/jobs';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';
import { readAnswer } from './load-module.ts';

/** The house rules of the shop, or of a job: every choice is kept at once. */
export class RulesStore {
  readonly #path: string;
  /** Of a job; null for the shop's own. */
  readonly job: string | null;
  choices = $state.raw<RuleChoices | null>(null);
  trouble = $state.raw<Refusal | null>(null);
  keeping = $state(false);
  /** What holds the job finished; null while it is open, and for the shop's own. */
  finish = $state.raw<JobMilestone | null>(null);
  rules = $derived.by((): HouseRules => resolveRules(this.choices ?? {}));

  constructor(job: string | null) {
    this.job = job;
    this.#path = job === null ? '/api/rules' : `/api/jobs/${encodeURIComponent(job)}/rules`;
  }

  async load(): Promise<void> {
    const answer = await askServer(
      'GET',
      this.job === null ? this.#path : this.#path.replace(/\/rules$/, ''),
    );
    if (this.job === null) {
      const read = await this.#readChoices(answer);
      this.trouble = read.ok ? null : read.refusal;
      if (read.ok) this.choices = read.value;
      return;
    }
    const read = await readAnswer(
      answer,
      () => import('./read-answers.ts'),
      (reader, value) => reader.readJobAnswer(value),
    );
    this.trouble = read.ok ? null : read.refusal;
    if (!read.ok) return;
    this.choices = read.value.ruleChoices;
    this.finish = findFinish(read.value);
  }

  /**
   * Keeps a choice, one after another. Where the server does not take it, what stood before stands again and the reason is
   * said.
   */
  choose<Id extends RuleId>(rule: Id, choice: HouseRules[Id]): Promise<void> {
    const before = this.choices ?? {};
    const next: RuleChoices = { ...before, [rule]: choice };
    this.choices = next;
    const keep = async (): Promise<void> => {
      this.keeping = true;
      const edit: RulesEdit = { was: before, wanted: next };
      const kept = await this.#readChoices(await askServer('PUT', this.#path, edit));
      this.keeping = false;
      const isLast = this.choices === next;
      if (!kept.ok && kept.refusal.code === 'changed-elsewhere') await this.load();
      else if (isLast) this.choices = kept.ok ? kept.value : before;
      this.trouble = kept.ok ? null : kept.refusal;
    };
    this.#sending = this.#sending.then(keep);
    return this.#sending;
  }
  #readChoices(answer: Result<unknown, Refusal>): Promise<Result<RuleChoices, Refusal>> {
    return readAnswer(
      answer,
      () => import('./read-answers.ts'),
      (reader, value) => reader.readRuleChoices(value),
    );
  }

  #sending: Promise<void> = Promise.resolve();
}
