import type { Length } from '#core/units';

/** Measures that cannot all be right. */
export interface Contradiction {
  /** The measure that does not agree, and those it is held against. */
  readonly measure: string;
  readonly against: readonly string[];
  /** By how much it is longer (+) or shorter (−) than they say, nm. */
  readonly by: Length;
  /** Null where a leg's length follows from its geometry and no measure stands against it. */
  readonly leg: string | null;
}

/** Why a measure could not be used. */
export type UnreadReason = 'not-in-line' | 'point-unknown';

/** What the measures of a run come to: the centre-to-centre of every leg, and the places of the parts in them. */
export interface SolvedLengths {
  /** Leg id → centre-to-centre, nm; absent while not known, or measured in ways that differ. */
  readonly lengths: ReadonlyMap<string, Length>;
  /** Part in a leg → nm from the leg's beginning, where measures say it. */
  readonly places: ReadonlyMap<string, Length>;
  readonly contradictions: readonly Contradiction[];
  readonly unread: ReadonlyMap<string, UnreadReason>;
  /** Legs whose measures put their far end before their near one, and by how much, nm. */
  readonly reversed: ReadonlyMap<string, Length>;
  /** Legs whose length is no measure of their own, with how it was found; other legs carry one plain measure. */
  readonly derived: ReadonlyMap<string, DerivedLength>;
}

export type DerivedLength =
  | { readonly kind: 'offset' }
  | { readonly kind: 'made-up' }
  /** Worked out from measures: the steps add up to it. */
  | { readonly kind: 'worked-out'; readonly steps: () => readonly LengthStep[] };

/** One step of a length that was worked out, nm, signed. */
export interface LengthStep {
  readonly measure: string | null;
  readonly leg: string | null;
  readonly sign: 1 | -1;
  /** Between centres. */
  readonly distance: Length;
}
