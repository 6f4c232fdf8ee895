import type { Drop } from './drop.ts';
import type { TrappedDrop } from './rules/trap-rule.ts';

/** The place of the trap's tee among what the gas passes. */
export const findTrapPlace = ({ passed, path, trap }: TrappedDrop): number =>
  passed.findIndex(({ kind, leg }) => kind === 'node' && leg === path[trap.at]);

/** Whether what comes after the shut-off can be taken apart: by a union, or the nuts of a connector. */
export function hasUnionAfter({ passed }: Drop, place: number): boolean {
  return passed.some(({ kind }, i) => i > place && (kind === 'union' || kind === 'connector'));
}
