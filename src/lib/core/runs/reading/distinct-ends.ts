import type { LaidEnd } from '#core/runs/measuring';
import type { RunLayout } from '#core/runs/layout';

const known = new WeakMap<RunLayout, readonly LaidEnd[]>();

/**
 * One end for everything that was worked out, the first in walking order: ends made up in one port of one kind of part share their
 * figures, so that what is to be said of a figure is looked for once.
 */
export function listDistinctEnds(layout: RunLayout): readonly LaidEnd[] {
  const before = known.get(layout);
  if (before) return before;
  const seen = new Set<unknown>();
  const ends: LaidEnd[] = [];
  for (const pieces of layout.pieces.values())
    for (const piece of pieces)
      for (const end of piece.ends) {
        const key = end.joint ?? `${end.unknown} ${end.size}`;
        if (seen.has(key)) continue;
        seen.add(key);
        ends.push(end);
      }
  known.set(layout, ends);
  return ends;
}
