import { getPartTraits } from '#core/catalogue';
import { hasPipe } from '#core/runs/document';
import type { RunLayout } from '#core/runs/layout';
import { findShutOff, listDrops, type Drop, findRequirement } from '#core/traps';
import type { Finding } from './finding.ts';

/**
 * An appliance that is moved in use hangs on something flexible: rigid pipe and corrugated tubing crack. Each has a shut-off of its own within
 * reach; where a trap is judged, that is said with the trap.
 */
export const checkAppliancesAreMet = (layout: RunLayout): Finding[] =>
  listDrops(layout).flatMap((drop) => [...findRigid(drop), ...findNoShutOff(drop)]);

function findRigid({ node, appliance, layout }: Drop): Finding[] {
  if (appliance.plate.moves !== true) return [];
  return node.legs.flatMap((leg): Finding[] => {
    if (!hasPipe(leg)) return [];
    const links = layout.chains.at.get(`${node.id}:${leg.id}`)?.links ?? [];
    if (links.some(({ part }) => getPartTraits(part.kind).isFlexible)) return [];
    return [
      {
        code: 'moves-on-rigid',
        severity: 'stop',
        subject: node.id,
        name: appliance.name,
        mark: String(leg.tag),
      },
    ];
  });
}

function findNoShutOff(drop: Drop): Finding[] {
  const { node, appliance, path, trap, layout } = drop;
  const isSaidWithTrap = trap !== null && findRequirement(appliance.plate, layout.rules).is === 'required';
  if (path.length === 0 || isSaidWithTrap || appliance.plate.hasShutOff === true) return [];
  const found = findShutOff(drop);
  const fault = found ? found.fault : ({ code: 'no-shut-off' } as const);
  if (!fault) return [];
  // A plate that says it has none leaves nothing to ask; one that says nothing of it may have its own.
  const severity = appliance.plate.hasShutOff === false && fault.code !== 'shut-off-asked' ? 'stop' : 'ask';
  return [{ code: 'shut-off', severity, subject: node.id, name: appliance.name, fault }];
}
