import type { Collection } from './collections.ts';
import { idsOf } from './lineage.ts';
import type { RunDoc } from './run.ts';

/** The most parts that stand in the pipe of one leg. */
export const MOST_PARTS_IN_LEG = 12;

/** The leg in which more parts stand than are taken; null where there is none. */
export function findOverfullLeg(parts: RunDoc['parts']): string | null {
  const counts = new Map<string, number>();
  for (const { leg } of Object.values(parts)) {
    const count = (counts.get(leg) ?? 0) + 1;
    if (count > MOST_PARTS_IN_LEG) return leg;
    counts.set(leg, count);
  }
  return null;
}

type Counted = Exclude<Collection, 'ruleChoices'>;

/** The most entries of a kind that a run holds. Said before it is met, refused where it is passed. */
export const MOST_IN: Readonly<Record<Counted, number>> = {
  legs: 12_000,
  specs: 48_000,
  parts: 24_000,
  picks: 24_000,
  nodes: 24_000,
  measures: 24_000,
  ownParts: 200,
  shopParts: 200,
  anchors: 24_000,
  clockings: 24_000,
  zones: 12_000,
  covers: 12_000,
  bearings: 12_000,
  prints: 24_000,
  passages: 24_000,
  fished: 12_000,
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
    count: idsOf(doc[of as Counted]).length,
    most,
  }));
  const fullest = counts.reduce((a, b) => (b.count / b.most > a.count / a.most ? b : a));
  const isFull = from === 1 ? fullest.count > fullest.most : fullest.count >= fullest.most * from;
  return isFull ? fullest : null;
}
