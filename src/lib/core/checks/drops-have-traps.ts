import { judgeDrop, listDrops } from '#core/traps';
import type { RunLayout } from '#core/runs/layout';
import type { Finding } from './finding.ts';

/** What is wrong with the sediment trap of each drop, or must be asked of it; what works, and what is not asked for, is no finding. */
export function checkDropsHaveTraps(layout: RunLayout): Finding[] {
  return listDrops(layout).flatMap((drop) => {
    const { headline, further } = judgeDrop(drop);
    return [headline, ...further].flatMap(({ severity, finding }): Finding[] =>
      severity === 'note' && finding.code !== 'straight-through'
        ? []
        : [{ code: 'trap', severity, subject: drop.node.id, name: drop.appliance.name, finding }],
    );
  });
}
