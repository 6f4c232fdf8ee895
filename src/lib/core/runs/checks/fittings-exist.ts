import type { Finding } from '../finding.ts';
import type { RunLayout } from '../layout.ts';

/** Where legs meet there is a fitting that is made. */
export function checkFittingsExist(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  for (const { id, legs, fitting } of layout.nodes.values()) {
    if (fitting.kind !== 'none') continue;
    const marks = legs.map((leg) => String(leg.tag));
    findings.push({ code: 'no-fitting', severity: 'stop', subject: id, marks, refusal: fitting.refusal });
  }
  return findings;
}
