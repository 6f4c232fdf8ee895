import type { Finding } from '#core/checks';
import { findOpening, findOpeningAt, type OpeningToJoin } from '#core/runs/reading';
import type { RunLayout } from '#core/runs/layout';

/** The opening that a finding is about, where something may go between; null where it is about nothing of the kind. */
function findOpeningOf(finding: Finding, layout: RunLayout): OpeningToJoin | null {
  switch (finding.code) {
    case 'no-fitting':
      return findOpeningAt(layout, finding.subject);
    case 'joint-does-not-make': {
      const [station, leg] = finding.subject.split(':');
      return station && leg ? findOpening(layout, station, leg) : null;
    }
    case 'transition-does-not-fit':
    case 'transition-stale': {
      const pick = layout.doc.picks[finding.subject];
      return pick ? findOpening(layout, pick.station, pick.leg) : null;
    }
    case 'part-undated':
    case 'part-length-unknown':
    case 'part-length-typical': {
      const { picks } = layout.doc;
      const pick =
        Object.values(picks).find(({ parts }) => parts.some(({ id }) => id === finding.subject)) ??
        layout.chains.standing.get(finding.subject)?.pick;
      return pick ? findOpening(layout, pick.station, pick.leg) : null;
    }
    default:
      return null;
  }
}

/** Where a finding is put right, from which screen it is asked, and what is pressed to get there. */
export interface FindingWay {
  readonly to: OpeningToJoin;
  readonly ids: { readonly job: string; readonly run: string };
  readonly back: 'lay-out' | 'check';
  readonly says: string;
}

/** The way to what joins the two ends a finding is about; null where that is no matter of parts. */
export function findTransitionWay(
  finding: Finding,
  layout: RunLayout | null,
  ids: FindingWay['ids'],
  back: FindingWay['back'],
): FindingWay | null {
  const to = layout && findOpeningOf(finding, layout);
  return to && { to, ids, back, says: SAYS[finding.code] ?? 'What joins them' };
}
const SAYS: Readonly<Partial<Record<Finding['code'], string>>> = {
  'part-undated': 'Write it down',
  'part-length-unknown': 'Measure it',
  'part-length-typical': 'Measure it',
};
