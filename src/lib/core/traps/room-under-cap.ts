import { getWrenchRoom } from '../house-rules/trap-room.ts';
import type { Length } from '../units/length.ts';
import { hasPipe } from '../runs/leg-direction.ts';
import type { TrappedDrop } from './rules/trap-rule.ts';
import { getTrapLengths } from './trap-lengths.ts';

/** Room under the cap of a trap, nm: what there is, and what is needed. Null where something it rests on is not known. */
export interface RoomUnderCap {
  readonly has: Length | null;
  readonly needs: Length | null;
}

/**
 * The room under the cap: from the inlet's centre down to the floor, less how far the cap's bottom lies below the inlet. It is needed by what
 * the cap is engaged, since it is unscrewed downward, and by the wrench.
 */
export function findRoom({ trap, appliance, node, path, layout }: TrappedDrop): RoomUnderCap {
  const { centreToBottom, engagements } = getTrapLengths(trap);
  const needs = engagements[1] === null ? null : engagements[1] + getWrenchRoom(layout.rules['trap-room']);
  const { floor } = appliance.plate;
  // Over a flexible connector, or a leg without its length, heights are not known.
  const isTied = path
    .slice(trap.at + 1)
    .every(({ leg, centreToCentre }) => hasPipe(leg) && centreToCentre !== null);
  const isDown = trap.verdict === 'works' || trap.verdict === 'turns-but-rises';
  if (!floor || centreToBottom === null || !isTied || !isDown) return { has: null, needs };
  const below = Math.round(node.position.z - trap.node.position.z) + centreToBottom;
  return { has: floor.length - below, needs };
}
