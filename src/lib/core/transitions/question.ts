import type { Side } from '../catalogue/side.ts';
import type { End } from '../ends/end.ts';
import type { Gas } from '../house-rules/jurisdictions.ts';
import type { Length } from '../units/length.ts';

/** Whether what an end is on can be turned, only moved along, or neither. */
export const MOVEMENTS = ['turns', 'slides', 'fixed'] as const;
export type Movement = (typeof MOVEMENTS)[number];

/** What an end is on: something rigid, an appliance, a cylinder, or a connector or hose that is there already. */
export const BEARERS = ['pipe', 'appliance', 'cylinder', 'flexible'] as const;
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
export const mayBend = ({ bearers }: TransitionQuestion): boolean =>
  !bearers.includes('flexible') && bearers.some((each) => each !== 'pipe');
