import type { ListedThread } from '#core/catalogue';
import type { Observation, ObservationKind } from '../observation.ts';

/** A thread that stands in no list: it competes with every listed one, expecting nothing in particular. */
export type Candidate = ListedThread | 'none';

export type ObservationOf<Kind extends ObservationKind> = Extract<Observation, { kind: Kind }>;

/**
 * How well a candidate explains an observation: a probability, or a density in the unit of the reading. Never zero:
 * every reading may be a blunder. `earlier` are the observations before it, for those that are read against another.
 */
export type Likelihood<Kind extends ObservationKind> = (
  candidate: Candidate,
  observation: ObservationOf<Kind>,
  earlier: readonly Observation[],
) => number;
