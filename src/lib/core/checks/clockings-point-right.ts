import { findClocking } from '../runs/commands/clock-joint.ts';
import type { Finding } from './finding.ts';
import { isEmpty } from '../runs/is-empty.ts';
import { getEnds } from '../runs/lay-out-run.ts';
import type { RunLayout } from '../runs/layout.ts';
import { findPointing } from '../runs/pointing.ts';

/** A joint that was clocked before the run was turned points where nothing goes any more. */
export function checkClockingsPointRight(layout: RunLayout): Finding[] {
  if (isEmpty(layout.doc.clockings)) return [];
  return [...getEnds(layout)].flatMap((end): Finding[] => {
    const clocking = findClocking(layout.doc, end);
    const pointing = clocking && findPointing(layout, end);
    if (!clocking || !pointing || pointing.angle === clocking.wanted) return [];
    const mark = String(layout.doc.legs[end.leg]?.tag ?? '?');
    return [
      { code: 'clocking-points-elsewhere', severity: 'ask', subject: end.id, mark, wanted: clocking.wanted, now: pointing.angle },
    ];
  }); // prettier-ignore
}
