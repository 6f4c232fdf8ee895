import { getPartTraits } from '#core/catalogue';
import type { End } from '#core/ends';
import type { JudgedJoint } from '#core/joints';
import type { Length } from '#core/units';
import { WISHES, type Wish } from './question.ts';
import type { Turned } from './transition-index.ts';

/** A chain that is sold and seals, with what it comes to. */
export interface Chain {
  readonly links: readonly Turned[];
  /** One more than there are links: each judged. */
  readonly joints: readonly JudgedJoint[];
  readonly cost: ChainCost;
}

export interface ChainCost {
  /** Joints between two walls of polyethylene that may be melted together, and are only where the same wall is not to be had. */
  readonly otherWalls: number;
  /** Every made joint, and every seat inside a part. */
  readonly leaks: number;
  readonly parts: number;
  /** Narrowest bore, nm; 0 where one is not known. */
  readonly bore: Length;
  /** Parts of which no length is known, and the length of the others, nm. */
  readonly unmeasured: number;
  readonly length: Length;
  /** Parts of which the shop has said no price, and the price of the others, in hundredths. */
  readonly unpriced: number;
  readonly price: number;
}

/** How many are shown. */
export const MOST = 4;

/** The kinds of part a chain is of, in whatever order and size. */
export const listSorts = (links: readonly Turned[]): readonly string[] =>
  links.map(({ chainPart }) => chainPart.sort).sort();

/**
 * Chains are really different where none is another with more put in: from the best on, each is kept whose kinds of part are not all of those of one
 * that was kept, and more.
 */
export function keepDifferent(chains: readonly Chain[]): readonly Chain[] {
  const kept: { chain: Chain; sorts: readonly string[] }[] = [];
  for (const chain of chains) {
    const sorts = listSorts(chain.links);
    if (kept.some((other) => isWithin(other.sorts, sorts))) continue;
    kept.push({ chain, sorts });
    if (kept.length === MOST) break;
  }
  return kept.map(({ chain }) => chain);
}

/** Whether all of one list are in another, each as often. Both are sorted. */
export function isWithin(few: readonly string[], many: readonly string[]): boolean {
  let at = 0;
  for (const each of many) if (each === few[at]) at++;
  return at === few.length;
}

/** The polyethylene an end is, or is for; null for every other. */
const getPolyethylene = (end: End): string | null => {
  const tube =
    end.kind === 'tube' ? end : end.kind === 'socket' || end.kind === 'fusion-face' ? end.takes : null;
  return tube?.of === 'polyethylene' ? tube.name : null;
};

/** How many joints of a chain are between two walls of polyethylene. */
function countOtherWalls(links: readonly Turned[], [from, to]: readonly [End, End]): number {
  const pairs = [
    [from, links[0]!.inner],
    ...links.slice(1).map(({ inner }, i) => [links[i]!.outer, inner]),
    [links.at(-1)!.outer, to],
  ] as const;
  return pairs.filter(([a, b]) => {
    const [one, other] = [getPolyethylene(a!), getPolyethylene(b!)];
    return one !== null && other !== null && one !== other;
  }).length;
}

/** What a chain of links between two ends comes to, with its leak points counted already. */
export function getCost(links: readonly Turned[], leaks: number, ends: readonly [End, End]): ChainCost {
  const parts = links.map(({ chainPart }) => chainPart);
  const bores = parts.flatMap(({ bore, isAnyBore }) => (isAnyBore ? [] : [bore ?? 0]));
  return {
    otherWalls: countOtherWalls(links, ends),
    leaks,
    parts: parts.length,
    bore: bores.length === 0 ? 0 : Math.min(...bores),
    unpriced: parts.filter(({ price }) => price === null).length,
    price: parts.reduce((sum, { price }) => sum + (price ?? 0), 0),
    unmeasured: parts.filter(({ length }) => length === null).length,
    length: parts.reduce((sum, { length }) => sum + (length ?? 0), 0),
  };
}

const BY: Readonly<Record<Wish, (a: ChainCost, b: ChainCost) => number>> = {
  leaks: (a, b) => a.leaks - b.leaks,
  parts: (a, b) => a.parts - b.parts,
  bore: (a, b) => b.bore - a.bore,
  length: (a, b) => a.unmeasured - b.unmeasured || a.length - b.length,
  price: (a, b) => a.unpriced - b.unpriced || a.price - b.price,
};

const countOdd = ({ links }: Chain): number =>
  links.filter(({ chainPart }) => getPartTraits(chainPart.part.kind).isOdd).length;

/** Less than nothing where `a` is the better: the same wall of polyethylene before another, then what was wished for first, then the usual order, then what is mostly at hand, then by name so that it is always the same. */
export function compareChains(a: Chain, b: Chain, wish: Wish): number {
  if (a.cost.otherWalls !== b.cost.otherWalls) return a.cost.otherWalls - b.cost.otherWalls;
  for (const each of [wish, ...WISHES]) {
    const by = BY[each](a.cost, b.cost);
    if (by !== 0) return by;
  }
  const odd = countOdd(a) - countOdd(b);
  if (odd !== 0) return odd;
  const name = ({ links }: Chain): string => links.map(({ chainPart }) => chainPart.part.id).join(' ');
  return name(a) < name(b) ? -1 : Number(name(a) > name(b));
}
