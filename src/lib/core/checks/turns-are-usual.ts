import type { LegSize } from '#core/ends';
import type { Finding } from './finding.ts';
import { listDistinctEnds } from '#core/runs/reading';
import type { RunLayout } from '#core/runs/layout';

/** The turns that follow from the engagement lie in the usual window; said once per size. */
export function checkTurnsAreUsual(layout: RunLayout): Finding[] {
  const bySize = new Map<LegSize, Finding>();
  for (const { id, size, joint } of listDistinctEnds(layout)) {
    const tightness = joint?.tightness;
    if (!tightness || tightness.inWindow || bySize.has(size)) continue;
    bySize.set(size, {
      code: 'turns-outside-window',
      severity: 'note',
      subject: id,
      size,
      turns: tightness.turnsPastHandTight,
      window: tightness.window,
    });
  }
  return [...bySize.values()];
}
