import { findReach } from '#core/catalogue';
import type { LaidEnd } from '#core/runs/measuring';
import type { Length } from '#core/units';
import type { Trap } from './drop.ts';

/**
 * The lengths of a trap's stub, nm; null where one they rest on is not known.
 *
 *     tee centre --- c-f ---|face ==== exposed ==== face|- P -|cap bottom
 *                           |<-------- pocket -------------->|
 */
export interface TrapLengths {
  /** N: the nipple from end to end. */
  readonly nipple: Length | null;
  /** What of it shows between tee and cap: N − e − e. */
  readonly exposed: Length | null;
  /** From the tee's face to the cap's bottom: exposed + P. */
  readonly pocket: Length | null;
  /** From the tee's centre: pocket + c-f. */
  readonly centreToBottom: Length | null;
  /** e at the tee and at the cap, c-f of the tee, P of the cap. */
  readonly engagements: readonly [Length | null, Length | null];
  readonly centreToFace: Length | null;
  readonly depth: Length | null;
}

const add = (...lengths: readonly (Length | null)[]): Length | null =>
  lengths.reduce<Length | null>((sum, each) => (sum === null || each === null ? null : sum + each), 0);
const minus = (length: Length | null): Length | null => (length === null ? null : -length);

/** Works out what is asked of a trap's stub: every school of measuring it, each from the nipple and the engagements. */
export function getTrapLengths({ nipple: { piece, length, closedBy } }: Trap): TrapLengths {
  const [atTee, atCap]: readonly (LaidEnd | undefined)[] = piece?.ends ?? [];
  const engagements = [atTee?.joint?.engagement ?? null, atCap?.joint?.engagement ?? null] as const;
  const centreToFace = atTee?.joint?.reach ?? null;
  const cap = closedBy === 'cap' ? (atCap?.joint ?? null) : null;
  const depth = cap && findReach(cap.port);
  const exposed = add(length, minus(engagements[0]), minus(engagements[1]));
  const pocket = add(exposed, depth);
  return {
    nipple: length,
    exposed,
    pocket,
    centreToBottom: add(pocket, centreToFace),
    engagements,
    centreToFace,
    depth,
  };
}
