import { findClocking } from '#core/runs/commands';
import type { Finding } from './finding.ts';
import { isEmpty } from '#core/runs/document';
import { getEnds, type RunLayout } from '#core/runs/layout';
import { findPointing } from '#core/runs/reading';

/** A joint that was clocked before the run was turned points where nothing goes any more. */
export function checkClockingsPointRight(layout: RunLayout): Finding[] {
  if (isEmpty(layout.doc.clockings)) return [];
  return [...getEnds(layout)].flatMap((end): Finding[] => {
    const clocking = findClocking(layout.doc, end);
    const pointing = clocking && findPointing(layout, end);
    if (!clocking || !pointing || pointing.angle === clocking.wanted) return [];
    const mark = String(layout.doc.legs[end.leg]?.tag ?? '?');
    return [
      {
        code: 'clocking-points-elsewhere',
        severity: 'ask',
        subject: end.id,
        mark,
        wanted: clocking.wanted,
        now: pointing.angle,
      },
    ];
  });
}
