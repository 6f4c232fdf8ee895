import type { Finding } from './finding.ts';
import type { RunLayout } from '#core/runs/layout';

/** A part in the pipe of a leg stands where it was measured; one placed by eye is said, since it decides both cuts. */
export function checkPartsHaveAPlace(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  for (const { leg, inline } of layout.legs.values()) {
    for (const { id, placedBy } of inline) {
      const part = leg.inline[id]?.part;
      if (placedBy !== 'share' || !part) continue;
      findings.push({
        code: 'part-placed-by-eye',
        severity: 'note',
        subject: id,
        mark: String(leg.tag),
        part,
      });
    }
  }
  return findings;
}
