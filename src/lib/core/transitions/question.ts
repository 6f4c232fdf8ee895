import type { Side } from '#core/catalogue';
import type { End } from '#core/ends';
import type { Gas } from '#core/house-rules';
import type { Length } from '#core/units';

/** Whether what an end is on can be turned, only moved along, or neither. */
export const MOVEMENTS = ['turns', 'slides', 'fixed'] as const;
export type Movement = (typeof MOVEMENTS)[number];

/** What an end is on: something rigid, an appliance that stays, one that is moved in use, a cylinder, or a connector or hose that is there already. */
export const BEARERS = ['pipe', 'appliance', 'movable', 'cylinder', 'flexible'] as const;
export type Bearer = (typeof BEARERS)[number];

/** What a chain is wanted to be first of all; what is not named follows in the usual order. */
export const WISHES = ['leaks', 'parts', 'bore', 'length', 'price'] as const;
export type Wish = (typeof WISHES)[number];

export interface TransitionQuestion {
  readonly from: End;
  readonly to: End;
  readonly moves: readonly [Movement, Movement];
  /** What each end is on. */
  readonly bearers: readonly [Bearer, Bearer];
  /** The side of pressure each end is on. */
  readonly sides: readonly [Side, Side];
  /** Null while nobody said it. */
  readonly gas: Gas | null;
  /** Whether something in it must stop a current. */
  readonly insulates: boolean;
  /** What may not be narrower than this, nm; null where any bore will do. */
  readonly leastBore: Length | null;
  readonly wish: Wish;
}

/** Whether a connector or a hose may be put in: never between two rigid pipes, nor on another. */
export const mayBend = ({ bearers }: Asked): boolean =>
  !bearers.includes('flexible') && bearers.some((each) => each !== 'pipe');
type Asked = Pick<TransitionQuestion, 'bearers'>;

/**
 * Whether something flexible must be put in: nothing rigid hangs on a cylinder, which is changed and moves. By its valve a regulator with a dated
 * hose, or a listed pigtail to a regulator that is fixed; soft tube gives by itself.
 */
export const mustBend = ({
  bearers,
  from,
  to,
}: Pick<TransitionQuestion, 'bearers' | 'from' | 'to'>): boolean =>
  bearers.includes('cylinder') && !bearers.includes('flexible') && from.kind !== 'tube' && to.kind !== 'tube';

/** Whether it is asked what goes from pipe to an appliance: a listed connector with its two adapters is what is usually done. */
export const isPipeToAppliance = ({
  bearers,
  sides,
}: Pick<TransitionQuestion, 'bearers' | 'sides'>): boolean =>
  bearers.includes('pipe') &&
  (bearers.includes('appliance') || bearers.includes('movable')) &&
  sides[0] === sides[1];
