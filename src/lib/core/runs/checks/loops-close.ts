import { addScaled, magnitude, subtract } from '../../geometry/vector.ts';
import { MILLIMETRE } from '../../units/length.ts';
import type { Finding } from '../finding.ts';
import { getVectorFrom } from '../leg-direction.ts';
import type { RunLayout } from '../layout.ts';

/** Where legs close a loop, the way round arrives where it should (within 1 mm: positions are doubles for drawing). */
export function checkLoopsClose(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  for (const { id, leg, near, far, centreToCentre } of layout.legs.values()) {
    // A leg by which its far node was reached closes nothing.
    if (centreToCentre === null || layout.nodes.get(far)!.legs[0] === leg) continue;
    const from = layout.nodes.get(near)!.position;
    const arrives = addScaled(from, getVectorFrom(leg, near), centreToCentre);
    const by = Math.round(magnitude(subtract(layout.nodes.get(far)!.position, arrives)));
    if (by > MILLIMETRE) {
      findings.push({ code: 'loop-misses', severity: 'stop', subject: id, mark: String(leg.tag), by });
    }
  }
  return findings;
}
