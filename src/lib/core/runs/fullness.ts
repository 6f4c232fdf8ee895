import type { Collection } from './change.ts';
import type { RunDoc } from './run.ts';

type Counted = Exclude<Collection, 'ruleChoices'>;

/** The most entries of a kind that a run holds. Said before it is met, refused where it is passed. */
export const MOST_IN: Readonly<Record<Counted, number>> = {
  legs: 12_000,
  nodes: 24_000,
  measures: 24_000,
  ownParts: 200,
  anchors: 24_000,
  clockings: 24_000,
};

/** A kind of entry of which a run holds so many, and at most so many. */
export interface Fullness {
  readonly of: Counted;
  readonly count: number;
  readonly most: number;
}

/** Of what the run is nearest to full, from a share of it on (1: more than it holds); null while there is room. */
export function findFullness(doc: RunDoc, from: number): Fullness | null {
  const counts = Object.entries(MOST_IN).map(([of, most]) => ({
    of: of as Counted,
    count: Object.keys(doc[of as Counted]).length,
    most,
  }));
  const fullest = counts.reduce((a, b) => (b.count / b.most > a.count / a.most ? b : a));
  const isFull = from === 1 ? fullest.count > fullest.most : fullest.count >= fullest.most * from;
  return isFull ? fullest : null;
}
