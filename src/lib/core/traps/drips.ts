import { listUsedPorts } from '#core/flow';
import type { LaidNode } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { getVectorFrom } from '#core/runs/document';
import { inches, millimetres, FOOT } from '#core/units';
import { looksDown, looksUp } from './tee-use.ts';

/** How much pipe with wet gas falls toward its drips: 1/4 in in 15 ft is usual in the United States, a little
 * more than 1 in 720; on a metric tape 7 mm in 5 m. Confirm with the supplier. */
export const DRIP_PITCH = {
  in: { fall: inches(0.25), over: 15 * FOOT },
  mm: { fall: millimetres(7), over: millimetres(5000) },
} as const;

/** Whether a capped stub hangs down at a node: what liquid collects in, whichever way the gas goes past it. */
function hasDrip(layout: RunLayout, node: LaidNode): boolean {
  return listUsedPorts(layout, node).some(({ use, way, leg }) => {
    const far = layout.nodes.get(leg.far)!;
    return use === 'idle' && looksDown(way) && far.legs.length === 1;
  });
}

/**
 * The low points of a run at which liquid would stand: no leg falls away from there, at least one rises, and no capped stub hangs down. Ends
 * are none: what runs into an appliance or a closed end is that end's business.
 */
export function findDripless(layout: RunLayout): LaidNode[] {
  return [...layout.nodes.values()].filter((node) => {
    if (node.legs.length < 2) return false;
    const ways = node.legs.map((leg) => getVectorFrom(leg, node.id));
    if (hasDrip(layout, node)) return false;
    return ways.some(looksUp) && ways.every(({ z }) => z > -1e-6);
  });
}
