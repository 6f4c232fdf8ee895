import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { accept, type Result } from '#core/outcome';
import { applyOps, type ChangeRefusal, type PlannedChange, NO_FACTS } from '#core/runs/changes';
import { layOutRun } from '#core/runs/layout';
import { newRun, type RunDoc } from '#core/runs/document';
import type { LengthUnit } from '#core/units';

/** A run with what a screen's state reads of its store, kept in memory only. */
export class RunInMemory {
  readonly catalogue = standardCatalogue;
  doc = $state.raw<RunDoc>(newRun('testrun000', standardCatalogue.version, {}));
  details = $state.raw<{ units: LengthUnit }>({ units: 'in' });
  rules = $derived(resolveRules(this.doc.ruleChoices));
  layout = $derived(layOutRun(this.doc, standardCatalogue, this.rules, NO_FACTS));

  apply(planned: PlannedChange): Result<void, ChangeRefusal> {
    const applied = applyOps(this.doc, planned.ops);
    if (!applied.ok) return applied;
    this.doc = applied.value;
    return accept(undefined);
  }
}
