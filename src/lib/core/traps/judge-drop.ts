import type { Severity } from '#core/outcome';
import type { Drop } from './drop.ts';
import { findRequirement, type TrapRequirement } from './requirement.ts';
import type { TrapFinding } from './trap-finding.ts';
import { TRAP_RULES } from './trap-rules.ts';

export interface GradedTrapFinding {
  readonly severity: Severity;
  readonly finding: TrapFinding;
}

/** What is to be said of a drop: one thing first, the others after it. */
export interface DropVerdict {
  readonly headline: GradedTrapFinding;
  readonly further: readonly GradedTrapFinding[];
  readonly requirement: TrapRequirement;
}

const said = (severity: Severity, finding: TrapFinding): GradedTrapFinding => ({ severity, finding });

/**
 * Judges the drop to an appliance by its ports: the worst that is wrong with its trap, or that it works, is missing, is built in, or
 * is not asked for. Where none is asked for and one is there, what is wrong with it is only worth knowing. Never fine where the kind of
 * appliance or the way of the gas is not known.
 */
export function judgeDrop(drop: Drop): DropVerdict {
  const requirement = findRequirement(drop.appliance.plate, drop.layout.rules);
  const faults = findFaults(drop);
  const verdict = (headline: GradedTrapFinding, further: readonly GradedTrapFinding[]): DropVerdict => ({
    headline,
    further,
    requirement,
  });
  const eased = faults.map(({ finding }) => said('note', finding));
  if (requirement.is === 'built-in') return verdict(said('note', { code: 'built-in' }), eased);
  if (requirement.is === 'not-required') {
    const { what } = drop.appliance.plate;
    const kind = what === 'own' ? null : what;
    return verdict(said('note', { code: 'not-required', by: asKnown(requirement.by), kind }), eased);
  }
  if (drop.path.length === 0) return verdict(said('ask', { code: 'flow-unknown' }), []);
  if (!drop.trap) {
    if (requirement.is === 'ask')
      return verdict(said('ask', { code: 'kind-unknown', about: requirement.about }), []);
    return verdict(said('stop', { code: 'missing' }), []);
  }
  const [worst, ...others] = faults;
  if (worst && worst.severity !== 'note') return verdict(worst, others);
  return verdict(said('note', { code: 'works' }), faults);
}

const asKnown = (by: string): 'trap-needed' | 'trap-kinds' => (by === 'trap-kinds' ? by : 'trap-needed');

/** What is wrong with the trap of a drop, the worst first. */
function findFaults({ trap, ...drop }: Drop): GradedTrapFinding[] {
  if (!trap) return [];
  return TRAP_RULES.flatMap((rule) => {
    const finding = rule.find({ ...drop, trap });
    if (!finding) return [];
    // What a shop tolerates it is told, and not stopped for.
    const isTolerated = finding.code === 'straight-through' && finding.tolerated;
    return [said(isTolerated ? 'note' : rule.severity, finding)];
  });
}
