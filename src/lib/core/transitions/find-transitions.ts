import type { PartKind } from '../catalogue/part.ts';
import { isOfCylinder, SIDES, type Side } from '../catalogue/side.ts';
import type { OtherGas } from '../catalogue/small-threads.ts';
import type { End } from '../ends/end.ts';
import { FAMILY_TRAITS } from '../ends/thread-family.ts';
import type { Gas } from '../house-rules/jurisdictions.ts';
import type { PlainRuleId } from '../house-rules/house-rules.ts';
import type { JudgedJoint } from '../joints/house-ruling.ts';
import type { JointKindId } from '../joints/pair-verdict.ts';
import type { Length } from '../units/length.ts';
import type { Turned, TransitionIndex } from './transition-index.ts';

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
  /** Parts of which the shop has said no price, and the price of the others, in hundredths. */
  readonly unpriced: number;
  readonly price: number;
}

/** What a question would have to be let off for something to join. */
export const LET_OFFS = ['narrower', 'not-fixed', 'elsewhere', 'house', 'not-insulated', 'flexible', 'regulator'] as const; // prettier-ignore
export type LetOff = (typeof LET_OFFS)[number];

export type NoTransition =
  /** They make as they are, and one of them can be turned or moved: nothing is needed. */
  | { readonly code: 'nothing-needed'; readonly joint: JudgedJoint }
  | { readonly code: 'end-unknown' }
  /** Made for water, or for something else that is no gas. */
  | { readonly code: 'never-for-gas'; readonly end: End }
  /** Made for another gas (null: for liquefied petroleum, where natural gas was said). */
  | { readonly code: 'another-gas'; readonly end: End; readonly otherGas: OtherGas | null }
  /** A cylinder's own connection, said to be on a lower side of pressure. */
  | { readonly code: 'cylinder-is-high'; readonly end: End }
  /** Both are on something flexible: one connector or hose at most. */
  | { readonly code: 'two-connectors' }
  /** No chain of parts of this catalogue joins them; with what it would have to be let off, null where nothing helps, and the house's rules in the way. */
  | {
      readonly code: 'nothing-joins';
      readonly unless: LetOff | null;
      readonly rules: readonly PlainRuleId[];
    };

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
 * then the shortest, then the cheapest; or what was wished for first. Exact over the whole catalogue: the least number of leak points is found first
 * (Dijkstra over ends), then every chain within `SLACK` of it is gone through, led by what is left to the far end at the least, and of each sort the
 * best is kept. Refuses by name what is no matter of parts.
 */
export function findTransitions(index: TransitionIndex, question: TransitionQuestion): TransitionAnswer {
  const refused = refuse(index, question);
  if (refused) return { ok: false, refusal: refused };
  const chains = search(index, question);
  return chains.length > 0 ? { ok: true, chains } : { ok: false, refusal: explain(index, question) };
}

function refuse(index: TransitionIndex, question: TransitionQuestion): NoTransition | null {
  const { from, to, moves, sides, gas, bearers } = question;
  const ends = [from, to];
  if (ends.some(({ kind }) => kind === 'unknown')) return { code: 'end-unknown' };
  for (const [i, end] of ends.entries()) {
    if (end.kind === 'thread' && FAMILY_TRAITS[end.family].gasUse === 'never') return { code: 'never-for-gas', end };
    const otherGas = index.findOtherGas(end);
    if (otherGas) return { code: 'another-gas', end, otherGas };
    if (!isOfCylinder(end)) continue;
    if (gas === 'natural') return { code: 'another-gas', end, otherGas: null };
    if (sides[i] !== 'cylinder') return { code: 'cylinder-is-high', end };
  } // prettier-ignore
  if (bearers.every((each) => each === 'flexible')) return { code: 'two-connectors' };
  if (sides[0] !== sides[1] || question.insulates) return null;
  const joint = index.join(from, to);
  if (!joint) return null;
  const canBeMade = moves.includes('turns') || closes(joint.joint!, moves.includes('slides'));
  return canBeMade ? { code: 'nothing-needed', joint } : null;
}

/**
 * Leak points at the least from any end to one: the same search, from the far end backward once for all. The function gives 0 where nothing is needed
 * between (the two make, and one side may turn), Infinity where nothing joins: of that it is certain for the catalogue of the index.
 */
export function measureLeaksTo(index: TransitionIndex, question: Omit<TransitionQuestion, 'from'>): (from: End) => number {
  const search = new Search(index, { ...question, from: question.to });
  search.prepare();
  return (from) => {
    const refused = refuse(index, { ...question, from });
    if (refused) return refused.code === 'nothing-needed' ? 0 : Infinity;
    return search.measureFrom(from);
  };
} // prettier-ignore

/** Nothing joins: with what it would have to be let off. */
function explain(index: TransitionIndex, question: TransitionQuestion): NoTransition {
  const joins = (by: TransitionIndex, more: Partial<TransitionQuestion>): boolean =>
    search(by, { ...question, ...more }).length > 0;
  const { leastBore, moves, insulates, sides } = question;
  const nothing = (unless: LetOff | null, rules: readonly PlainRuleId[] = []): NoTransition => ({ code: 'nothing-joins', unless, rules }); // prettier-ignore
  if (leastBore !== null && joins(index, { leastBore: null })) return nothing('narrower');
  if (!moves.includes('turns') && joins(index, { moves: ['turns', 'turns'] })) return nothing('not-fixed');
  if (index.hasPlace && joins(index.without('place'), {})) return nothing('elsewhere');
  const [best] = search(index.without('house'), question);
  if (best) return nothing('house', listForbidden(index, question, best));
  if (insulates && joins(index, { insulates: false })) return nothing('not-insulated');
  if (!mayBend(question) && joins(index, { bearers: ['pipe', 'appliance'] })) return nothing('flexible');
  if (sides[0] !== sides[1] && joins(index, { sides: [sides[0], sides[0]] })) return nothing('regulator');
  return nothing(null);
}

/** Rules of the house that forbid a chain. */
function listForbidden(index: TransitionIndex, { from, to }: TransitionQuestion, { links }: Chain): readonly PlainRuleId[] {
  const ends = [from, ...links.flatMap(({ inner, outer }) => [inner, outer]), to];
  const joints = Array.from({ length: links.length + 1 }, (_, i) => index.judge(ends[2 * i]!, ends[2 * i + 1]!));
  const rules = joints.flatMap(({ house }) => house.flatMap(({ rule, ruling }) => (ruling === 'forbids' ? [rule] : [])));
  return [...new Set(rules)];
} // prettier-ignore

/** Whether a connector or a hose may be put in: never between two rigid pipes, nor on another. */
const mayBend = ({ bearers }: TransitionQuestion): boolean =>
  !bearers.includes('flexible') && bearers.some((each) => each !== 'pipe');

function search(index: TransitionIndex, question: TransitionQuestion): readonly Chain[] {
  return new Search(index, question).run();
}

/*
 * Where a chain has come to: an open end, and beside it
 * - what is still wanted of it: a joint that needs no turning (two fixed ends), something that insulates;
 * - what is spent, there being one at most of it: something flexible, a body from one system of threads to the other;
 * - the side of pressure.
 * No chain comes to the same twice: it would be longer for nothing.
 */
const FREE = 1;
const INSULATED = 2;
const BENT = 1;
const CONVERTED = 2;
const MASKS = 4;
const toState = (at: number, wanted: number, spent: number, side: number): number =>
  ((at * MASKS + wanted) * MASKS + spent) * SIDES.length + side;

const fromState = (state: number): State => {
  const [rest, side] = [Math.floor(state / SIDES.length), state % SIDES.length];
  return { end: Math.floor(rest / (MASKS * MASKS)), wanted: Math.floor(rest / MASKS) % MASKS, spent: rest % MASKS, side }; // prettier-ignore
};

/** Parts meet parts by threads, cones and nuts: nothing is melted, soldered or pushed together between two of them. */
const isBetweenParts = (joint: JointKindId): boolean => !BY_PUSH.has(joint) || joint === 'compression';

class Search {
  readonly #index: TransitionIndex;
  readonly #question: TransitionQuestion;
  readonly #wanted: number;
  readonly #spent: number;
  readonly #sides: readonly [number, number];
  readonly #slides: boolean;
  readonly #from: number;
  readonly #to: number;
  /** Openings that make with the far end, and by which joint. */
  readonly #last: ReadonlyMap<number, JointKindId>;
  /** State → leak points to the far end at the least by a way that has what the state wants, and needs what it has not spent. */
  readonly #left: Float64Array;
  /** End → the least of all its states. */
  readonly #nearest: Float64Array;
  readonly #best = new Map<string, Chain>();
  /** The kinds of part in every chain that was found, with the leak points of the first of each. */
  readonly #found: { readonly sorts: readonly string[]; readonly leaks: number }[] = [];
  #bound = Infinity;

  constructor(index: TransitionIndex, question: TransitionQuestion) {
    const { moves, sides, insulates } = question;
    this.#index = index;
    this.#question = question;
    this.#slides = moves.includes('slides');
    this.#wanted = (moves.includes('turns') ? 0 : FREE) | (insulates ? INSULATED : 0);
    this.#spent = mayBend(question) ? 0 : BENT;
    this.#sides = [SIDES.indexOf(sides[0]), SIDES.indexOf(sides[1])];
    this.#from = index.numberOf(question.from);
    this.#to = index.numberOf(question.to);
    this.#last = new Map(index.listMates(this.#to).map(({ at, joint }) => [at, joint]));
    this.#left = new Float64Array(toState(index.size, 0, 0, 0)).fill(Infinity);
    this.#nearest = new Float64Array(index.size).fill(Infinity);
  }

  run(): readonly Chain[] {
    this.prepare();
    const start: State = { end: this.#from, wanted: this.#wanted, spent: this.#spent, side: this.#sides[0] };
    const least = this.measureFrom(this.#question.from);
    if (least === Infinity) return [];
    // The best first: where enough leak least, no other is looked for.
    let kept: readonly Chain[] = [];
    for (this.#bound = least; this.#bound <= least + SLACK && kept.length < MOST; this.#bound++) {
      this.#extend(start, [], 0, new Set([toState(start.end, start.wanted, start.spent, start.side)]));
      const isLast = this.#bound === least + SLACK;
      if (isLast || this.#question.wish === 'leaks')
        kept = keepDifferent([...this.#best.values()].sort((a, b) => this.#compare(a, b)));
    }
    return kept;
  }

  /** What is left from every opening of the catalogue: once for all that is asked of the same far end. */
  prepare(): void {
    this.#measureBack();
  }

  /** Leak points of the best chain from an end; Infinity where there is none. */
  measureFrom(from: End): number {
    const at: State = {
      end: this.#index.numberOf(from),
      wanted: this.#wanted,
      spent: this.#spent,
      side: this.#sides[0],
    };
    let least = Infinity;
    this.#step(at, true, Infinity, (_, next, leaks) => {
      least = Math.min(least, leaks + this.#left[next]!);
    });
    return least;
  }

  /** Every part that may come next and leaves no more than `most` leak points to the far end, with the state after it and the leak points it adds. */
  #step(
    { end, wanted, spent, side }: State,
    isFirst: boolean,
    most: number,
    take: (turned: Turned, next: number, leaks: number) => void,
  ): void {
    for (const { at, joint } of this.#index.listMates(end)) {
      if (!isFirst && !isBetweenParts(joint)) continue;
      const byNut = closes(joint, this.#slides);
      for (const turned of this.#index.listTurned(at)) {
        const { seats } = turned.chainPart;
        // Nothing is nearer than by a way of which nothing is wanted.
        if (1 + seats + this.#nearest[turned.outerAt]! > most) continue;
        const uses = getUses(turned);
        if ((spent & uses) !== 0 || !this.#mayUse(turned)) continue;
        const beyond = this.#cross(turned, side);
        if (beyond < 0) continue;
        const next = toState(turned.outerAt, wanted & ~this.#gives(turned, byNut), spent | uses, beyond);
        if (1 + seats + this.#left[next]! <= most) take(turned, next, 1 + seats);
      }
    }
  }

  #isWide({ chainPart: { bore, isAnyBore } }: Turned): boolean {
    const { leastBore } = this.#question;
    return leastBore === null || isAnyBore || (bore !== null && bore >= leastBore);
  }

  /** What a part gives of what is wanted, with the joint before it. */
  #gives({ chainPart: { seats, traits } }: Turned, byNut: boolean): number {
    return (seats > 0 || byNut ? FREE : 0) | (traits.insulates ? INSULATED : 0);
  }

  /** Whether a part may be put in at all: what insulates only where that is asked for. */
  #mayUse(turned: Turned): boolean {
    const { insulates } = turned.chainPart.traits;
    return (!insulates || this.#question.insulates) && this.#isWide(turned);
  }

  /** The side of pressure beyond a part that is entered on one; −1 where it may not be. Pressure goes toward the far end's, never past it or back. */
  #cross({ sides: [near, far] }: Turned, side: number): number {
    if (near !== null && near !== side) return -1;
    const beyond = far ?? side;
    const [least, most] = side < this.#sides[1] ? [side, this.#sides[1]] : [this.#sides[1], side];
    return beyond >= least && beyond <= most ? beyond : -1;
  }

  /** Leak points left from every state, found from the far end backward: joints hold both ways, and so do parts. */
  #measureBack(): void {
    // A bucket for each number of leak points.
    const buckets: State[][] = [];
    // Of a way that has more than is wanted, or needs less than may be spent, the leak points are those of the lesser states too.
    const put = (end: number, has: number, needs: number, side: number, leaks: number): void => {
      for (let wanted = 0; wanted < MASKS; wanted++) {
        if ((wanted & ~has) !== 0 || (wanted & ~this.#wanted) !== 0) continue;
        for (let spent = 0; spent < MASKS; spent++) {
          if ((spent & needs) !== 0 || (this.#spent & ~spent) !== 0) continue;
          const state = toState(end, wanted, spent, side);
          if (this.#left[state]! <= leaks) continue;
          this.#left[state] = leaks;
          this.#nearest[end] = Math.min(this.#nearest[end]!, leaks);
          (buckets[leaks] ??= []).push({ end, wanted, spent, side });
        }
      }
    };
    for (const [at, joint] of this.#last)
      put(at, closes(joint, this.#slides) ? FREE : 0, 0, this.#sides[1], 1);
    for (let leaks = 0; leaks < buckets.length; leaks++) {
      for (const { end, wanted, spent, side } of buckets[leaks] ?? []) {
        if (this.#left[toState(end, wanted, spent, side)] !== leaks) continue;
        // A part whose far opening this is: through it to its near one, and to what may be open before that.
        for (const turned of this.#index.listTurned(end)) {
          const { chainPart, sides: [far, near] } = turned; // prettier-ignore
          const uses = getUses(turned);
          if (!this.#mayUse(turned) || (far !== null && far !== side) || (spent & uses) !== uses) continue;
          const before = near ?? side;
          if (!isBetween(before, side, this.#sides[0])) continue;
          for (const mate of this.#index.listMates(turned.outerAt)) {
            if (!isBetweenParts(mate.joint)) continue;
            const has = wanted | this.#gives(turned, closes(mate.joint, this.#slides));
            put(mate.at, has, ~spent | uses, before, leaks + chainPart.seats + 1);
          }
        }
      }
    }
  }

  #extend(at: State, links: readonly Turned[], leaks: number, met: Set<number>): void {
    const last = links.length === 0 ? undefined : this.#last.get(at.end);
    if (last !== undefined && at.side === this.#sides[1] && leaks + 1 <= this.#bound) {
      const gives = closes(last, this.#slides) ? FREE : 0;
      if ((at.wanted & ~gives) === 0) this.#keep(links, leaks + 1);
    }
    this.#step(at, links.length === 0, this.#bound - leaks, (turned, next, so) => {
      if (met.has(next)) return;
      const more = [...links, turned];
      if (this.#isBeaten(more, leaks + so + this.#left[next]!)) return;
      met.add(next);
      this.#extend(fromState(next), more, leaks + so, met);
      met.delete(next);
    });
  }

  /** Whether all that comes of some links is a better chain with more put in: it leaks in more places, and that is what counts first. */
  #isBeaten(links: readonly Turned[], leaks: number): boolean {
    if (this.#question.wish !== 'leaks' || !this.#found.some((found) => found.leaks < leaks)) return false;
    const sorts = listSorts(links);
    return this.#found.some((found) => found.leaks < leaks && isWithin(found.sorts, sorts));
  }

  #keep(links: readonly Turned[], leaks: number): void {
    const sorts = listSorts(links);
    const sort = sorts.join(' + ');
    if (!this.#best.has(sort)) this.#found.push({ sorts, leaks });
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

interface State {
  readonly end: number;
  readonly wanted: number;
  readonly spent: number;
  readonly side: number;
}

/** What of a part there may be one at most in a chain. */
const getUses = ({ chainPart: { traits } }: Turned): number =>
  (traits.isFlexible ? BENT : 0) | (traits.converts ? CONVERTED : 0);

const isBetween = (value: number, a: number, b: number): boolean =>
  value >= Math.min(a, b) && value <= Math.max(a, b);

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
  const bores = parts.flatMap(({ bore, isAnyBore }) => (isAnyBore ? [] : [bore ?? 0]));
  return {
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

/** Kinds that are less often at hand than what does the same. */
const ODD: ReadonlySet<PartKind> = new Set([
  'swivel',
  'tail',
  'connector-fitting',
  'threaded-flange',
  'slip-coupling',
]);
const countOdd = ({ links }: Chain): number => links.filter(({ chainPart }) => ODD.has(chainPart.part.kind)).length; // prettier-ignore

/** Less than nothing where `a` is the better: what was wished for first, then the usual order, then what is mostly at hand, then by name so that it is always the same. */
export function compareChains(a: Chain, b: Chain, wish: Wish): number {
  for (const each of [wish, ...WISHES]) {
    const by = BY[each](a.cost, b.cost);
    if (by !== 0) return by;
  }
  const odd = countOdd(a) - countOdd(b);
  if (odd !== 0) return odd;
  const name = ({ links }: Chain): string => links.map(({ chainPart }) => chainPart.part.id).join(' ');
  return name(a) < name(b) ? -1 : Number(name(a) > name(b));
}
