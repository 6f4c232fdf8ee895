import { findLegsBeyond } from '#core/runs/commands';
import { hasPipe } from '#core/runs/document';
import type { LaidLeg } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';

/** How much of a run goes together: one leg, all legs in a row that are made of the same and do not branch, or a leg with all that hangs on it. */
export const SCOPES = ['leg', 'stretch', 'branch'] as const;
export type Scope = (typeof SCOPES)[number];

/** The legs of pipe of a scope round a leg, in walking order. */
export function findScope(layout: RunLayout, leg: string, scope: Scope): readonly string[] {
  const first = layout.legs.get(leg);
  if (!first) return [];
  const ids =
    scope === 'leg' ? [leg] : scope === 'branch' ? findLegsBeyond(layout, leg) : findStretch(layout, first);
  return ids.filter((id) => hasPipe(layout.legs.get(id)!.leg));
}

function findStretch({ legs, nodes }: RunLayout, first: LaidLeg): string[] {
  const found = new Set([first.id]);
  const follow = (from: LaidLeg, node: string): void => {
    for (let [leg, at] = [from, node]; ;) {
      const met = nodes.get(at)?.legs ?? [];
      const next = met.find(({ id }) => id !== leg.id);
      if (met.length !== 2 || !next || next.material !== first.leg.material || found.has(next.id)) return;
      found.add(next.id);
      leg = legs.get(next.id)!;
      at = leg.near === at ? leg.far : leg.near;
    }
  };
  follow(first, first.near);
  follow(first, first.far);
  return [...legs.keys()].filter((id) => found.has(id));
}
