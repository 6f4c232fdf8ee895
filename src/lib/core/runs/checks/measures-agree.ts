import type { Finding } from '../finding.ts';
import type { RunLayout } from '../layout.ts';

/** Every leg has one centre-to-centre; two measures that differ are both named and neither is used. */
export function checkMeasuresAgree(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  for (const { id, leg, centreToCentre } of layout.legs.values()) {
    if (centreToCentre !== null) continue;
    const mark = String(leg.tag);
    const values = layout.contradictions.get(id);
    findings.push(
      !values
        ? { code: 'measure-missing', severity: 'ask', subject: id, mark }
        : { code: 'measures-contradict', severity: 'stop', subject: id, mark, values },
    );
  }
  return findings;
}
