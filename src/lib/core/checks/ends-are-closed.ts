import type { Finding } from './finding.ts';
import { findSource } from '#core/runs/document';
import type { RunLayout } from '#core/runs/layout';

/** An end that leads nowhere is capped before gas comes, even behind a shut valve. The source end is not such an end. */
export function checkEndsAreClosed(layout: RunLayout): Finding[] {
  const source = findSource(layout.doc);
  const findings: Finding[] = [];
  for (const { id, legs, fitting } of layout.nodes.values()) {
    if (fitting.kind !== 'open' || id === source || legs.length === 0) continue;
    findings.push({ code: 'open-end', severity: 'note', subject: id, mark: String(legs[0]!.tag) });
  }
  return findings;
}
