import { findSources, traceFlow } from '#core/flow';
import type { RunLayout } from '#core/runs/layout';
import type { Finding } from './finding.ts';

/** Where it does not follow which way the gas goes, it is said: several sources, none, a ring. Nothing is guessed. */
export function checkGasFlowsOneWay(layout: RunLayout): Finding[] {
  const [first] = layout.legs.keys();
  if (first === undefined) return [];
  const sources = findSources(layout.doc);
  // Nothing is traced where there is one source and no ring: after every edit this is asked.
  if (sources.length === 1 && layout.closing.length === 0) return [];
  const { state, ringed } = traceFlow(layout);
  const findings: Finding[] = [];
  if (state === 'no-source') findings.push({ code: 'no-source', severity: 'ask', subject: first });
  if (state === 'several-sources')
    findings.push({ code: 'several-sources', severity: 'stop', subject: sources[1]!, count: sources.length });
  const [ring] = ringed;
  if (ring !== undefined) {
    const marks = [...ringed].map((id) => String(layout.legs.get(id)!.leg.tag));
    findings.push({ code: 'gas-goes-round', severity: 'ask', subject: ring, marks });
  }
  return findings;
}
