import type { Site } from './site.ts';
import type { RunLayout } from '#core/runs/layout';
import { listApplianceNodes } from '#core/runs/reading';
import { isBasisAsked } from '#core/units';
import type { Finding } from './finding.ts';

/**
 * An appliance burns the gas of the job, or is not connected until it is converted by its maker's kit and labelled. What its plate leaves
 * open is asked, never guessed. Without a job (`gas` null) nothing is held against its gas.
 */
export function checkAppliancesAreKnown(layout: RunLayout, { gas }: Site): Finding[] {
  const findings: Finding[] = [];
  for (const { id, node } of listApplianceNodes(layout)) {
    if (node.terminal?.kind !== 'appliance') continue;
    const { name, plate } = node.terminal;
    if (gas !== null && plate.gas !== null && plate.gas !== gas)
      findings.push({ code: 'other-gas', severity: 'stop', subject: id, name, isFor: plate.gas, gas });
    if (plate.input && isBasisAsked(plate.input))
      findings.push({ code: 'input-basis-unknown', severity: 'note', subject: id, name, input: plate.input });
  }
  return findings;
}
