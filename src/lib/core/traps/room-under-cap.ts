import { getWrenchRoom } from '#core/house-rules';
import { type FloorPoint, hasPipe } from '#core/runs/document';
import type { Length } from '#core/units';
import type { Drop } from './drop.ts';
import type { TrappedDrop } from './rules/trap-rule.ts';
import { getTrapLengths } from './trap-lengths.ts';

/** Room under the cap of a trap, nm: what there is, and what is needed. Null where something it rests on is not known. */
export interface RoomUnderCap {
  readonly has: Length | null;
  readonly needs: Length | null;
  /** Whether it hangs so that there is room to ask of, and how high over the floor that is does not follow. */
  readonly isUntied: boolean;
}

/** Whence the floor under a drop is measured: a flexible connector says nothing of heights, so from where it begins. */
export const findFloorPoint = ({ path }: Pick<Drop, 'path'>): FloorPoint =>
  path.some(({ leg }) => leg.geometry.kind === 'connector') ? 'pipe-end' : 'inlet';

/**
 * The room under the cap: from where the floor was measured down to it, less how far the cap's bottom lies below that point. It is needed by
 * what the cap is engaged, since it is unscrewed downward, and by the wrench.
 */
export function findRoom({ trap, appliance, path, layout, node }: TrappedDrop): RoomUnderCap {
  const { centreToBottom, engagements } = getTrapLengths(trap);
  const needs = engagements[1] === null ? null : engagements[1] + getWrenchRoom(layout.rules);
  const { floor } = appliance.plate;
  const onward = path.slice(trap.at + 1);
  const connector = onward.findIndex(({ leg }) => leg.geometry.kind === 'connector');
  const rigid = connector < 0 ? onward : onward.slice(0, connector);
  const isTied = rigid.every(({ leg, centreToCentre }) => hasPipe(leg) && centreToCentre !== null);
  const isFromThere = connector < 0 || floor?.from === 'pipe-end';
  const isDown = trap.verdict === 'works' || trap.verdict === 'turns-but-rises';
  const isUntied = isDown && (!floor || !isTied || !isFromThere);
  if (!floor || centreToBottom === null || isUntied || !isDown) return { has: null, needs, isUntied };
  const from = connector < 0 ? node : layout.nodes.get(onward[connector]!.near)!;
  const below = Math.round(from.position.z - trap.node.position.z) + centreToBottom;
  return { has: floor.length - below, needs, isUntied };
}
