import type { Finding } from './finding.ts';
import { findSource } from '#core/runs/document';
import { getStretches, perStretch, type NodeStretch, type RunLayout } from '#core/runs/layout';

/** An end that leads nowhere is capped before gas comes, even behind a shut valve. The source end is not such an end. */
export function checkEndsAreClosed(layout: RunLayout): Finding[] {
  const source = findSource(layout.doc);
  return getStretches(layout)
    .nodes.flatMap((stretch) => findOpen(stretch, layout))
    .filter(({ subject }) => subject !== source);
}

const findOpen = perStretch(({ nodes }: NodeStretch): readonly Finding[] =>
  nodes.flatMap(({ id, legs, fitting }): Finding[] =>
    fitting.kind === 'open' && legs.length > 0
      ? [{ code: 'open-end', severity: 'note', subject: id, mark: String(legs[0]!.tag) }]
      : [],
  ),
);
