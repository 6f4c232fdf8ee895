import { addScaled, magnitude, subtract } from '#core/geometry';
import { MILLIMETRE } from '#core/units';
import type { Finding } from './finding.ts';
import { getVectorFrom } from '#core/runs/document';
import type { RunLayout } from '#core/runs/layout';

/** Where legs close a loop, the way round arrives where it should (within 1 mm: positions are doubles for drawing). */
export function checkLoopsClose(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  for (const id of layout.closing) {
    const { leg, near, far, centreToCentre } = layout.legs.get(id)!;
    if (centreToCentre === null) continue;
    const from = layout.nodes.get(near)!.position;
    const arrives = addScaled(from, getVectorFrom(leg, near), centreToCentre);
    const by = Math.round(magnitude(subtract(layout.nodes.get(far)!.position, arrives)));
    if (by > MILLIMETRE) {
      findings.push({ code: 'loop-misses', severity: 'stop', subject: id, mark: String(leg.tag), by });
    }
  }
  return findings;
}
