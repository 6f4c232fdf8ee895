import { getStretches, perStretch, type LegStretch, type RunLayout } from '#core/runs/layout';
import { onTapeOf, roundFeet } from '#core/units';
import type { Finding } from './finding.ts';

/** The longest flexible connector that is usual: six feet by the model codes; confirm locally. */
export const LONGEST_CONNECTOR = roundFeet(6);

/** A flexible connector is new, no longer than is usual, and goes to an appliance: one, at its end. */
export function checkConnectorsAreRight(layout: RunLayout): Finding[] {
  const { nodes, rules } = layout;
  const most = onTapeOf(rules, LONGEST_CONNECTOR);
  const findings: Finding[] = [];
  const connectors = getStretches(layout).legs.flatMap((stretch) => listConnectors(stretch, layout));
  for (const { id, leg, far } of connectors) {
    if (leg.geometry.kind !== 'connector') continue;
    const mark = String(leg.tag);
    const { length, isNew } = leg.geometry;
    if (isNew === false) findings.push({ code: 'connector-used', severity: 'stop', subject: id, mark });
    if (length !== null && length > most)
      findings.push({
        code: 'connector-long',
        severity: 'ask',
        subject: id,
        mark,
        length,
        most,
      });
    if (nodes.get(far)!.node.terminal?.kind !== 'appliance')
      findings.push({ code: 'connector-elsewhere', severity: 'ask', subject: id, mark });
  }
  return findings;
}

const listConnectors = perStretch(({ legs }: LegStretch) =>
  legs.filter(({ leg }) => leg.geometry.kind === 'connector'),
);
