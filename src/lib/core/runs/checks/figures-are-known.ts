import type { NominalSize } from '../../catalogue/size.ts';
import type { Finding } from '../finding.ts';
import { getEnds } from '../lay-out-run.ts';
import type { LaidEnd, RunLayout } from '../layout.ts';

/** Every end has its figures: a size without them is named once, a part without a sure length at each piece. */
export function checkFiguresAreKnown(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  const named = new Set<NominalSize>();
  for (const end of getEnds(layout)) {
    const finding = checkEnd(end, layout);
    if (!finding) continue;
    if ('size' in finding) {
      if (named.has(end.size)) continue;
      named.add(end.size);
    }
    findings.push(finding);
  }
  return findings;
}

function checkEnd(end: LaidEnd, layout: RunLayout): Finding | null {
  const { id: subject, size, unknown } = end;
  if (unknown === 'size-not-carried') return { code: 'size-not-carried', severity: 'ask', subject, size };
  if (unknown === 'engagement-not-measured') {
    return { code: 'engagement-not-measured', severity: 'ask', subject, size };
  }
  const mark = String(layout.doc.legs[end.leg]!.tag);
  if (unknown === 'part-length-unknown') {
    return { code: 'part-length-unknown', severity: 'ask', subject, mark };
  }
  const reach = end.joint?.port.reach;
  if (reach?.standing !== 'typical') return null;
  return { code: 'part-length-typical', severity: 'note', subject, mark, plusMinus: reach.plusMinus };
}
