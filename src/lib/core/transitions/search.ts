import { JOINTS, type JudgedJoint, type JointKindId } from '#core/joints';
import { type PartKind, SIDES } from '#core/catalogue';
import type { End } from '#core/ends';
import { compareChains, getCost, isWithin, keepDifferent, listSorts, MOST, type Chain } from './chain.ts';
import { mayServe } from './flexible-use.ts';
import { mayBend, mustBend, type TransitionQuestion } from './question.ts';
import type { Turned, TransitionIndex } from './transition-index.ts';

/** What leaks this much oftener than the best is no other way, only a worse one. */
export const SLACK = 2;

/** Whether a joint can be made last between bodies that do not turn. */
export const closes = (joint: JointKindId, slides: boolean): boolean =>
  JOINTS[joint].closes === 'nut' || (slides && JOINTS[joint].closes === 'push');

/*
 * Where a chain has come to: an open end, and beside it
 * - what is still wanted of it: a joint that needs no turning (two fixed ends), something that insulates, something flexible (a cylinder);
 * - what is spent, there being one at most of it: something flexible, a body from one system of threads to the other;
 * - the side of pressure.
 * No chain comes to the same twice: it would be longer for nothing.
 */
const FREE = 1;
const INSULATED = 2;
const FLEXED = 4;
const WANTS = 8;
const BENT = 1;
const CONVERTED = 2;
const MASKS = 4;
const toState = (at: number, wanted: number, spent: number, side: number): number =>
  ((at * WANTS + wanted) * MASKS + spent) * SIDES.length + side;

const fromState = (state: number): State => {
  const [rest, side] = [Math.floor(state / SIDES.length), state % SIDES.length];
  return {
    end: Math.floor(rest / (WANTS * MASKS)),
    wanted: Math.floor(rest / MASKS) % WANTS,
    spent: rest % MASKS,
    side,
  };
};

/** The exact search for the chains between two ends: backward for what is left at the least, then forward, led by it. */
export class Search {
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

  readonly #byConnector: boolean;

  /** `byConnector`: only by a listed appliance connector, whatever else there is. */
  constructor(index: TransitionIndex, question: TransitionQuestion, byConnector = false) {
    const { moves, sides, insulates } = question;
    this.#byConnector = byConnector;
    const isBent = byConnector || mustBend(question);
    this.#index = index;
    this.#question = question;
    this.#slides = moves.includes('slides');
    this.#wanted = (moves.includes('turns') ? 0 : FREE) | (insulates ? INSULATED : 0) | (isBent ? FLEXED : 0);
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
      if (!isFirst && !JOINTS[joint].joinsParts) continue;
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
    return (
      (seats > 0 || byNut ? FREE : 0) | (traits.insulates ? INSULATED : 0) | (traits.isFlexible ? FLEXED : 0)
    );
  }

  /** Whether a part may be put in at all: what insulates only where that is asked for, what is flexible only where it is listed for that. */
  #mayUse(turned: Turned): boolean {
    const { traits, part } = turned.chainPart;
    if (traits.isFlexible && !this.#mayFlex(part.kind)) return false;
    return (!traits.insulates || this.#question.insulates) && this.#isWide(turned);
  }

  #mayFlex(kind: PartKind): boolean {
    if (this.#byConnector && kind !== 'connector') return false;
    return mayServe(kind, this.#question, this.#index.jurisdiction);
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
      for (let wanted = 0; wanted < WANTS; wanted++) {
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
          const {
            chainPart,
            sides: [far, near],
          } = turned;
          const uses = getUses(turned);
          if (!this.#mayUse(turned) || (far !== null && far !== side) || (spent & uses) !== uses) continue;
          const before = near ?? side;
          if (!isBetween(before, side, this.#sides[0])) continue;
          for (const mate of this.#index.listMates(turned.outerAt)) {
            if (!JOINTS[mate.joint].joinsParts) continue;
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
    const chain: Chain = {
      links,
      joints: [],
      cost: getCost(links, leaks, [this.#question.from, this.#question.to]),
    };
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
