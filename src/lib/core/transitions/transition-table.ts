import { isOfCylinder, type Side } from '#core/catalogue';
import type { End } from '#core/ends';
import { END_CLASSES, findEndClass, type EndClass } from './end-class.ts';
import { measureLeaksTo } from './find-transitions.ts';
import type { Bearer } from './question.ts';
import type { TransitionIndex } from './transition-index.ts';

/** What becomes of the ends of one class with those of another. */
export interface ClassPair {
  readonly from: EndClass;
  readonly to: EndClass;
  /** Pairs of ends, and how many of them are joined, by nothing or by a chain. */
  readonly pairs: number;
  readonly joined: number;
  /** Leak points of the best chain, the least and the most over those joined by one; null where none is. */
  readonly leaks: readonly [number, number] | null;
}

const getSide = (end: End): Side => (isOfCylinder(end) ? 'cylinder' : 'appliance');
const getBearer = (end: End): Bearer => (isOfCylinder(end) ? 'cylinder' : 'pipe');

/**
 * Every end with every other, by class: one search from each end backward, then what is left from all others. One of the two can be turned; it may
 * be narrower than either; nobody asked of the place. `wants` leaves out what the classes of the second end are not. What is not joined here is joined by nothing in the catalogue of the index.
 */
export function makeTransitionTable(
  index: TransitionIndex,
  ends: readonly End[],
  wants: (to: EndClass) => boolean = () => true,
): readonly ClassPair[] {
  const byClass = new Map<EndClass, End[]>();
  for (const end of ends) {
    const found = findEndClass(end);
    if (found) byClass.set(found, [...(byClass.get(found) ?? []), end]);
  }
  const classes = END_CLASSES.filter((each) => byClass.has(each));
  const pairs = new Map<string, { pairs: number; joined: number; least: number; most: number }>();
  for (const [at, to] of classes.entries())
    for (const end of wants(to) ? byClass.get(to)! : []) {
      const measures = new Map<string, (from: End) => number>();
      for (const from of classes.slice(0, at + 1)) {
        const key = `${from} ${to}`;
        const sum = pairs.get(key) ?? { pairs: 0, joined: 0, least: Infinity, most: 0 };
        pairs.set(key, sum);
        for (const other of byClass.get(from)!) {
          const measure = measures.get(getSide(other)) ?? beginMeasure(index, other, end);
          measures.set(getSide(other), measure);
          const leaks = measure(other);
          sum.pairs++;
          if (leaks === Infinity) continue;
          sum.joined++;
          if (leaks === 0) continue;
          sum.least = Math.min(sum.least, leaks);
          sum.most = Math.max(sum.most, leaks);
        }
      }
    }
  return [...pairs].map(([key, { pairs: count, joined, least, most }]) => {
    const [from, to] = key.split(' ') as [EndClass, EndClass];
    return { from, to, pairs: count, joined, leaks: most === 0 ? null : [least, most] };
  });
}

const beginMeasure = (index: TransitionIndex, from: End, to: End): ((from: End) => number) =>
  measureLeaksTo(index, {
    to,
    moves: ['turns', 'fixed'],
    bearers: [getBearer(from), getBearer(to)],
    sides: [getSide(from), getSide(to)],
    gas: null,
    insulates: false,
    leastBore: null,
    wish: 'leaks',
  });
