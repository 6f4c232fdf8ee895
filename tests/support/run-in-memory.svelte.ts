import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { accept, type Result } from '#core/outcome';
import { applyTried, type ChangeRefusal, type PlannedChange, NO_FACTS } from '#core/runs/changes';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import { newRun, type RunDoc } from '#core/runs/document';
import type { LengthUnit } from '#core/units';

/** A run with what a screen's state reads of its store, kept in memory only. */
export class RunInMemory {
  readonly catalogue = standardCatalogue;
  doc = $state.raw<RunDoc>(newRun('testrun000', standardCatalogue.version, {}));
  details = $state.raw<{ units: LengthUnit }>({ units: 'in' });
  rules = $derived(resolveRules(this.doc.ruleChoices));
  #before: RunLayout | null = null;
  layout = $derived.by(
    () => (this.#before = layOutRun(this.doc, standardCatalogue, this.rules, NO_FACTS, this.#before)),
  );

  apply(planned: PlannedChange): Result<void, ChangeRefusal> {
    const applied = applyTried(this.doc, planned.ops);
    if (!applied.ok) return applied;
    this.doc = applied.value;
    return accept(undefined);
  }
}
