import type { Finding } from './finding.ts';
import type { FittingRefusal } from '#core/runs/fittings';
import { getStretches, perStretch, type NodeStretch, type RunLayout } from '#core/runs/layout';

/** What is not wrong but not known yet: it is asked. */
const ASKED: ReadonlySet<FittingRefusal['code']> = new Set(['fitting-undecided', 'inlet-not-told-apart']);

/** Where legs meet there is a fitting that is made; a male end nothing goes on from yet is asked about. */
export const checkFittingsExist = (layout: RunLayout): Finding[] =>
  getStretches(layout).nodes.flatMap((stretch) => findUnfit(stretch, layout));

const findUnfit = perStretch(({ nodes }: NodeStretch): readonly Finding[] => {
  const findings: Finding[] = [];
  for (const { id, node, legs, fitting } of nodes) {
    if (fitting.kind === 'none') {
      const marks = legs.map((leg) => String(leg.tag));
      const { refusal } = fitting;
      const severity = ASKED.has(refusal.code) ? 'ask' : 'stop';
      findings.push({ code: 'no-fitting', severity, subject: id, marks, refusal });
    } else if (fitting.kind === 'part' && node.part.kind === 'chosen') {
      const { part } = node.part;
      const stands = fitting.part.kind;
      const adapts = Object.values(fitting.adapters ?? {}).some((link) => link.part.kind === part);
      if (part === stands || adapts) continue;
      const marks = legs.map((leg) => String(leg.tag));
      findings.push({ code: 'choice-does-not-fit', severity: 'note', subject: id, marks, part, stands });
    }
  }
  return findings;
});
