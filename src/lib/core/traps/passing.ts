import type { Drop } from './drop.ts';
import type { TrappedDrop } from './rules/trap-rule.ts';

/** The place of the trap's tee among what the gas passes. */
export const findTrapPlace = ({ passed, path, trap }: TrappedDrop): number =>
  passed.findIndex(({ kind, leg }) => kind === 'node' && leg === path[trap.at]);

/** The place of the last shut-off before the trap (or before the appliance, where there is no trap); null without one. */
export function findShutOff(drop: Drop): number | null {
  const end = drop.trap ? findTrapPlace({ ...drop, trap: drop.trap }) : drop.passed.length;
  const at = drop.passed.findLastIndex(({ kind }, i) => kind === 'valve' && i < end);
  return at < 0 ? null : at;
}

/** Whether what comes after the shut-off can be taken apart: by a union, or the nuts of a connector. */
export function hasUnionAfter({ passed }: Drop, place: number): boolean {
  return passed.some(({ kind }, i) => i > place && (kind === 'union' || kind === 'connector'));
}
