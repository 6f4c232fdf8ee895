import type { End } from '../ends/end.ts';
import type { JudgedJoint } from '../joints/house-ruling.ts';
import type { JointKindId } from '../joints/pair-verdict.ts';
import type { Length } from '../units/length.ts';
import type { Turned, TransitionIndex } from './transition-index.ts';

/** Whether what an end is on can be turned, only moved along, or neither. */
export const MOVEMENTS = ['turns', 'slides', 'fixed'] as const;
export type Movement = (typeof MOVEMENTS)[number];

/** What a chain is wanted to be first of all; what is not named follows in the usual order. */
export const WISHES = ['leaks', 'parts', 'bore', 'length'] as const;
export type Wish = (typeof WISHES)[number];

export interface TransitionQuestion {
  readonly from: End;
  readonly to: End;
  readonly moves: readonly [Movement, Movement];
  /** What may not be narrower than this, nm; null where any bore will do. */
  readonly leastBore: Length | null;
  readonly wish: Wish;
}

/** A chain that is sold and seals, with what it comes to. */
export interface Chain {
  readonly links: readonly Turned[];
  /** One more than there are links: each judged. */
  readonly joints: readonly JudgedJoint[];
  readonly cost: ChainCost;
}

export interface ChainCost {
  /** Every made joint, and every seat inside a part. */
  readonly leaks: number;
  readonly parts: number;
  /** Narrowest bore, nm; 0 where one is not known. */
  readonly bore: Length;
  /** Parts of which no length is known, and the length of the others, nm. */
  readonly unmeasured: number;
  readonly length: Length;
}

export type NoTransition =
  /** They make as they are, and one of them can be turned or moved: nothing is needed. */
  | { readonly code: 'nothing-needed'; readonly joint: JudgedJoint }
  | { readonly code: 'end-unknown' }
  /** No chain of parts of this catalogue joins them; with what it would have to be let off, null where nothing helps. */
  | { readonly code: 'nothing-joins'; readonly unless: 'narrower' | 'not-fixed' | null };

export type TransitionAnswer =
  | { readonly ok: true; readonly chains: readonly Chain[] }
  | { readonly ok: false; readonly refusal: NoTransition };

/** How many are shown. */
const MOST = 4;
/** What leaks this much oftener than the best is no other way, only a worse one. */
export const SLACK = 2;

/** Joints that are made without turning either body: a nut or a clamp draws them together. */
const BY_NUT: ReadonlySet<JointKindId> = new Set([
  'union', 'flare-45', 'flare-37', 'connector-flare', 'npsm-swivel', 'g-washer', 'contact', 'flange', 'csst', 'inverted-flare',
]); // prettier-ignore
/** Joints that want no turning, but that one body moves along. */
const BY_PUSH: ReadonlySet<JointKindId> = new Set([
  'compression', 'press', 'pe-stab', 'pe-fusion', 'cutting-ring', 'valve', 'capillary', 'brazed',
]); // prettier-ignore

/** Whether a joint can be made last between bodies that do not turn. */
const closes = (joint: JointKindId, slides: boolean): boolean =>
  BY_NUT.has(joint) || (slides && BY_PUSH.has(joint));

/**
 * The chains of parts that join two ends, best first, each of another sort: fewest leak points, then fewest parts, then the widest narrowest bore,
 * then the shortest; or what was wished for first. Exact over the whole catalogue: the least number of leak points is found first (Dijkstra over
 * ends), then every chain within `SLACK` of it is gone through, led by what is left to the far end at the least, and of each sort the best is kept.
 */
export function findTransitions(index: TransitionIndex, question: TransitionQuestion): TransitionAnswer {
  const refused = refuse(index, question);
  if (refused) return { ok: false, refusal: refused };
  const chains = search(index, question);
  if (chains.length > 0) return { ok: true, chains };
  const looser: readonly [Extract<NoTransition, { code: 'nothing-joins' }>['unless'], TransitionQuestion][] =
    [
      ['narrower', { ...question, leastBore: null }],
      ['not-fixed', { ...question, moves: ['turns', 'turns'] }],
    ];
  const unless = looser.find(([, other]) => search(index, other).length > 0)?.[0] ?? null;
  return { ok: false, refusal: { code: 'nothing-joins', unless } };
}

function refuse(index: TransitionIndex, { from, to, moves }: TransitionQuestion): NoTransition | null {
  if (from.kind === 'unknown' || to.kind === 'unknown') return { code: 'end-unknown' };
  const joint = index.join(from, to);
  if (!joint) return null;
  const canBeMade = moves.includes('turns') || closes(joint.joint!, moves.includes('slides'));
  return canBeMade ? { code: 'nothing-needed', joint } : null;
}

function search(index: TransitionIndex, question: TransitionQuestion): readonly Chain[] {
  return new Search(index, question).run();
}

/** An open end, and whether a joint that closes is still wanted. No chain comes to the same twice: it would be longer for nothing. */
const toState = (at: number, wants: boolean): number => 2 * at + Number(wants);

/** Parts meet parts by threads, cones and nuts: nothing is melted, soldered or pushed together between two of them. */
const isBetweenParts = (joint: JointKindId): boolean => !BY_PUSH.has(joint) || joint === 'compression';

class Search {
  readonly #index: TransitionIndex;
  readonly #question: TransitionQuestion;
  /** Between two fixed ends one joint at least needs no turning. */
  readonly #wantsFree: boolean;
  readonly #slides: boolean;
  readonly #from: number;
  readonly #to: number;
  /** Openings that make with the far end, and by which joint. */
  readonly #last: ReadonlyMap<number, JointKindId>;
  /** Leak points to the far end at the least, by the number of an end that is open: twice, the second where a joint that closes is still wanted. */
  readonly #left: readonly [Float64Array, Float64Array];
  readonly #best = new Map<string, Chain>();
  #bound = Infinity;

  constructor(index: TransitionIndex, question: TransitionQuestion) {
    this.#index = index;
    this.#question = question;
    this.#slides = question.moves.includes('slides');
    this.#wantsFree = !question.moves.includes('turns');
    this.#from = index.numberOf(question.from);
    this.#to = index.numberOf(question.to);
    this.#last = new Map(index.listMates(this.#to).map(({ at, joint }) => [at, joint]));
    this.#left = [new Float64Array(index.size).fill(Infinity), new Float64Array(index.size).fill(Infinity)];
  }

  run(): readonly Chain[] {
    this.#measureBack();
    const least = this.#findLeast();
    if (least === Infinity) return [];
    this.#bound = least + SLACK;
    this.#extend(this.#from, [], 0, this.#wantsFree, new Set([toState(this.#from, this.#wantsFree)]));
    return keepDifferent([...this.#best.values()].sort((a, b) => this.#compare(a, b)));
  }

  #isWide({ chainPart: { bore } }: Turned): boolean {
    const { leastBore } = this.#question;
    return leastBore === null || (bore !== null && bore >= leastBore);
  }

  /** Leak points left from the open end of every part, found from the far end backward: joints hold both ways, and so do parts. */
  #measureBack(): void {
    // A bucket for each number of leak points.
    const buckets: (readonly [at: number, has: boolean])[][] = [];
    const put = (at: number, has: boolean, leaks: number): void => {
      for (const wants of has ? ([0, 1] as const) : ([0] as const)) {
        if (this.#left[wants][at]! <= leaks) continue;
        this.#left[wants][at] = leaks;
        (buckets[leaks] ??= []).push([at, wants === 1]);
      }
    };
    for (const [at, joint] of this.#last) put(at, closes(joint, this.#slides), 1);
    for (let leaks = 0; leaks < buckets.length; leaks++) {
      for (const [at, has] of buckets[leaks] ?? []) {
        if (this.#left[has ? 1 : 0][at] !== leaks) continue;
        // A part whose far opening this is: through it to its near one, and to what may be open before that.
        for (const turned of this.#index.listTurned(at)) {
          if (!this.#isWide(turned)) continue;
          const { seats } = turned.chainPart;
          for (const { at: before, joint } of this.#index.listMates(turned.outerAt))
            if (isBetweenParts(joint))
              put(before, has || seats > 0 || closes(joint, this.#slides), leaks + seats + 1);
        }
      }
    }
  }

  /** Leak points of the best chain from the near end. */
  #findLeast(): number {
    let least = Infinity;
    for (const { at, joint } of this.#index.listMates(this.#from))
      for (const turned of this.#index.listTurned(at)) {
        if (!this.#isWide(turned)) continue;
        const still = this.#isWanted(this.#wantsFree, joint, turned);
        least = Math.min(least, 1 + turned.chainPart.seats + this.#left[still ? 1 : 0][turned.outerAt]!);
      }
    return least;
  }

  #isWanted = (wants: boolean, joint: JointKindId, { chainPart: { seats } }: Turned): boolean =>
    wants && seats === 0 && !closes(joint, this.#slides);

  #extend(end: number, links: readonly Turned[], leaks: number, wants: boolean, met: Set<number>): void {
    const last = links.length === 0 ? undefined : this.#last.get(end);
    if (last !== undefined && (!wants || closes(last, this.#slides)) && leaks + 1 <= this.#bound)
      this.#keep(links, leaks + 1);
    for (const { at, joint } of this.#index.listMates(end)) {
      if (links.length > 0 && !isBetweenParts(joint)) continue;
      for (const turned of this.#index.listTurned(at)) {
        const still = this.#isWanted(wants, joint, turned);
        const state = toState(turned.outerAt, still);
        if (met.has(state) || !this.#isWide(turned)) continue;
        const so = leaks + 1 + turned.chainPart.seats;
        if (so + this.#left[still ? 1 : 0][turned.outerAt]! > this.#bound) continue;
        met.add(state);
        this.#extend(turned.outerAt, [...links, turned], so, still, met);
        met.delete(state);
      }
    }
  }

  #keep(links: readonly Turned[], leaks: number): void {
    const sort = listSorts(links).join(' + ');
    const chain: Chain = { links, joints: [], cost: getCost(links, leaks) };
    const before = this.#best.get(sort);
    if (before && this.#compare(before, chain) <= 0) return;
    this.#best.set(sort, { ...chain, joints: this.#judge(links) });
  }

  #judge(links: readonly Turned[]): JudgedJoint[] {
    const { from, to } = this.#question;
    const joints = links.map(({ inner }, i) =>
      this.#index.join(i === 0 ? from : links[i - 1]!.outer, inner)!,
    );
    return [...joints, this.#index.join(links.at(-1)!.outer, to)!];
  }

  #compare(a: Chain, b: Chain): number {
    return compareChains(a, b, this.#question.wish);
  }
}

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
function isWithin(few: readonly string[], many: readonly string[]): boolean {
  let at = 0;
  for (const each of many) if (each === few[at]) at++;
  return at === few.length;
}

/** What a chain of links comes to, with its leak points counted already. */
export function getCost(links: readonly Turned[], leaks: number): ChainCost {
  const parts = links.map(({ chainPart }) => chainPart);
  return {
    leaks,
    parts: parts.length,
    bore: Math.min(...parts.map(({ bore }) => bore ?? 0)),
    unmeasured: parts.filter(({ length }) => length === null).length,
    length: parts.reduce((sum, { length }) => sum + (length ?? 0), 0),
  };
}

const BY: Readonly<Record<Wish, (a: ChainCost, b: ChainCost) => number>> = {
  leaks: (a, b) => a.leaks - b.leaks,
  parts: (a, b) => a.parts - b.parts,
  bore: (a, b) => b.bore - a.bore,
  length: (a, b) => a.unmeasured - b.unmeasured || a.length - b.length,
};

/** Less than nothing where `a` is the better: what was wished for first, then the usual order, then by name so that it is always the same. */
export function compareChains(a: Chain, b: Chain, wish: Wish): number {
  for (const each of [wish, ...WISHES]) {
    const by = BY[each](a.cost, b.cost);
    if (by !== 0) return by;
  }
  const name = ({ links }: Chain): string => links.map(({ chainPart }) => chainPart.part.id).join(' ');
  return name(a) < name(b) ? -1 : Number(name(a) > name(b));
}
