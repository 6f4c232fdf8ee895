import type { LaidEnd } from '#core/runs/measuring';
import { getStretches, perStretch, type LegStretch, type RunLayout } from '#core/runs/layout';

const known = new WeakMap<RunLayout, readonly LaidEnd[]>();

/**
 * One end for everything that was worked out, the first in walking order: ends made up in one port of one kind of part share their
 * figures, so that what is to be said of a figure is looked for once.
 */
export function listDistinctEnds(layout: RunLayout): readonly LaidEnd[] {
  const before = known.get(layout);
  if (before) return before;
  const ends = takeDistinct(getStretches(layout).legs.flatMap((stretch) => listDistinctIn(stretch, layout)));
  known.set(layout, ends);
  return ends;
}

const listDistinctIn = perStretch(({ pieces }: LegStretch) =>
  takeDistinct(pieces.flatMap((own) => own.flatMap((piece) => piece.ends))),
);

function takeDistinct(ends: readonly LaidEnd[]): readonly LaidEnd[] {
  const seen = new Set<unknown>();
  return ends.filter((end) => {
    const key = end.joint ?? `${end.unknown} ${end.size}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}
