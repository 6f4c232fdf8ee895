import { type Catalogue, SIDES, type OtherGas } from '#core/catalogue';
import type { End } from '#core/ends';
import { resolveRules, type HouseRules, type Jurisdiction } from '#core/house-rules';
import {
  isForbidden,
  judgeByHouse,
  type JudgedJoint,
  judgeEnds,
  type Condition,
  type JointKindId,
} from '#core/joints';
import {
  type PlaceQuestion,
  mayJoin,
  mayStand,
  type Permission,
  getJointPlaced,
  getPartPlaced,
  type ZoneId,
} from '#core/permissions';
import { listChainParts, type ChainPart } from './chain-part.ts';
import { PairsThatMake } from './pairs-that-make.ts';

/** A part turned so that one of its openings is met first. */
export interface Turned {
  readonly chainPart: ChainPart;
  readonly inner: End;
  readonly outer: End;
  /** Numbers of its ends in the index. */
  readonly innerAt: number;
  readonly outerAt: number;
  /** The sides of pressure of its inner and its outer opening, by their place in the list of sides; null where it may be any. */
  readonly sides: readonly [number | null, number | null];
}

/** Where joints of a chain are made; null: nobody asked. */
export interface Where {
  /** Null where nobody said it. */
  readonly zone: ZoneId | null;
  readonly jurisdiction: Jurisdiction;
  /** The air of a stable or a cold store eats brass: none of it is put in. */
  readonly ammonia: boolean;
}

/** An end that another may be made up with. */
export interface Mate {
  readonly at: number;
  readonly joint: JointKindId;
}

/** A house that lets every joint be made that may be asked about at all. */
const PERMISSIVE = (() => {
  const {
    galvanised,
    compression,
    concealed,
    'joining-pe': pe,
    'soft-solder': solder,
  } = resolveRules({
    galvanised: { option: 'allowed' },
    compression: { option: 'accessible' },
    concealed: { option: 'allowed' },
    'joining-pe': { option: 'either' },
    'soft-solder': { option: 'capillary' },
  });
  return { galvanised, compression, concealed, 'joining-pe': pe, 'soft-solder': solder };
})();

/**
 * The openings of all chain parts, by what they are: few of the pairs of ends make, and which do is found once. It holds for one catalogue, one
 * set of house rules and one place.
 */
export class TransitionIndex {
  readonly parts: readonly ChainPart[];
  readonly #catalogue: Catalogue;
  readonly #rules: HouseRules;
  readonly #where: Where | null;
  readonly #numbers = new Map<string, number>();
  readonly #ends: End[] = [];
  /** By the number of an end: the parts with such an opening, turned to it. */
  readonly #byInner: Turned[][] = [];
  /** By the number of an end: the openings it makes with. */
  readonly #mates: (readonly Mate[] | undefined)[] = [];
  readonly #openings: number;
  readonly #pairs: PairsThatMake;
  readonly #looser = new Map<'place' | 'house', TransitionIndex>();

  constructor(
    catalogue: Catalogue,
    rules: HouseRules,
    where: Where | null = null,
    parts: readonly ChainPart[] = listChainParts(catalogue),
  ) {
    this.#catalogue = catalogue;
    this.#rules = rules;
    this.#where = where;
    this.parts = parts;
    this.#pairs = PairsThatMake.of(catalogue.ends);
    for (const chainPart of dropBeaten(parts)) {
      if (!this.#mayStand(chainPart)) continue;
      const [a, b] = chainPart.ports;
      const [atA, atB] = [this.numberOf(a.end), this.numberOf(b.end)];
      const [sideA, sideB] = chainPart.sides.map((side) => (side === null ? null : SIDES.indexOf(side)));
      const sides = [sideA!, sideB!] as const;
      this.#byInner[atA]!.push({ chainPart, inner: a.end, outer: b.end, innerAt: atA, outerAt: atB, sides });
      // Both ways round are one where its ends are alike.
      if (atA !== atB || sideA !== sideB)
        this.#byInner[atB]!.push({
          chainPart,
          inner: b.end,
          outer: a.end,
          innerAt: atB,
          outerAt: atA,
          sides: [sideB!, sideA!],
        });
    }
    this.#openings = this.#ends.length;
  }

  /** How many ends there are: the openings of parts first, then others that were asked about. */
  get size(): number {
    return this.#ends.length;
  }

  /** The same parts with no place asked about, or under a house that forbids nothing: what would join then. Built when first asked for. */
  without(what: 'place' | 'house'): TransitionIndex {
    const known = this.#looser.get(what);
    if (known) return known;
    const made =
      what === 'place'
        ? new TransitionIndex(this.#catalogue, this.#rules, null, this.parts)
        : new TransitionIndex(this.#catalogue, { ...this.#rules, ...PERMISSIVE }, this.#where, this.parts);
    this.#looser.set(what, made);
    return made;
  }

  /** Whether anything is asked of the place. */
  get hasPlace(): boolean {
    return this.#where !== null && (this.#where.zone !== null || this.#where.ammonia);
  }

  /** Whose rules hold; `ask` where nobody said it. */
  get jurisdiction(): Jurisdiction {
    return this.#where?.jurisdiction ?? 'ask';
  }

  /** The other gas an end is made for; null where there is none. */
  findOtherGas(end: End): OtherGas | null {
    if (end.kind !== 'thread') return null;
    const figured = this.#catalogue.ends.figure(end);
    return figured.kind === 'thread' ? figured.thread.otherGas : null;
  }

  /** The ruling of the house on two ends, whatever becomes of it. */
  judge(a: End, b: End): JudgedJoint {
    return judgeEnds(a, b, this.#catalogue.ends, this.#rules);
  }

  getEnd(at: number): End {
    return this.#ends[at]!;
  }

  /** The number of an end; one that no part has is given the next. */
  numberOf(end: End): number {
    const key = nameOf(end);
    const known = this.#numbers.get(key);
    if (known !== undefined) return known;
    const at = this.#ends.length;
    this.#numbers.set(key, at);
    this.#ends.push(end);
    this.#byInner.push([]);
    return at;
  }

  /** The parts that have such an end, turned to it. */
  listTurned(at: number): readonly Turned[] {
    return this.#byInner[at]!;
  }

  /** What becomes of two ends under the house and in the place; null where it may not be offered. */
  join(a: End, b: End): JudgedJoint | null {
    return this.#joinAsTheyAre(a, b) ?? this.#joinFlared(a, b) ?? this.#joinFlared(b, a);
  }

  /** Soft copper that is cut square can be flared: then that is asked first. */
  #joinFlared(tube: End, other: End): JudgedJoint | null {
    if (tube.kind !== 'tube' || tube.of !== 'copper' || tube.prepared !== 'plain' || tube.temper === 'hard')
      return null;
    const verdict = this.#joinAsTheyAre({ ...tube, prepared: 'flared' }, other);
    if (!verdict) return null;
    const asked: readonly Condition[] =
      tube.temper === 'soft' ? ['flare-the-tube'] : ['soft-tube', 'flare-the-tube'];
    return {
      ...verdict,
      verdict: 'makes-only-if',
      conditions: [...new Set([...asked, ...verdict.conditions])],
    };
  }

  #joinAsTheyAre(a: End, b: End): JudgedJoint | null {
    const made = this.#pairs.find(a, b);
    if (!made) return null;
    const verdict = judgeByHouse(made.verdict, made.ends, this.#rules);
    if (verdict.joint === null || isForbidden(verdict)) return null;
    return this.#isPermitted(verdict.joint) ? verdict : null;
  }

  /** Whether a part may be where the chain is: what seals inside it is a joint too, and a bushing is judged as one. */
  #mayStand({ part }: ChainPart): boolean {
    if (this.#where?.ammonia && part.material === 'brass') return false;
    const placed = getPartPlaced(part.kind);
    if (
      placed !== null &&
      placed !== 'union' &&
      !this.#maybeThere((where) => mayStand({ what: placed, ...where }))
    )
      return false;
    return part.seats.every(([a, b]) => this.join(a, b) !== null);
  }

  #isPermitted(joint: JointKindId): boolean {
    return this.#maybeThere((where) => mayJoin({ what: getJointPlaced(joint, null), ...where }));
  }

  /** Whether a place does not forbid it, where one was said. */
  #maybeThere(answer: (where: Omit<PlaceQuestion, 'what'>) => Permission): boolean {
    if (!this.#where || this.#where.zone === null) return true;
    const { zone, jurisdiction } = this.#where;
    return answer({ zone, jurisdiction, rules: this.#rules }).permit !== 'forbidden';
  }

  /** The openings of parts that an end makes with. */
  listMates(at: number): readonly Mate[] {
    const known = this.#mates[at];
    if (known) return known;
    const end = this.#ends[at]!;
    const found: Mate[] = [];
    for (let other = 0; other < this.#openings; other++) {
      const joint = this.join(end, this.#ends[other]!)?.joint ?? null;
      if (joint !== null) found.push({ at: other, joint });
    }
    this.#mates[at] = found;
    return found;
  }
}

/**
 * Parts between the same two openings and of one kind differ in nothing but bore, length, price and name: one that is no better in any of them than
 * another is never in a best chain.
 */
function dropBeaten(parts: readonly ChainPart[]): readonly ChainPart[] {
  const alike = new Map<string, ChainPart[]>();
  for (const each of parts) {
    const key = `${each.ports
      .map(({ end }, i) => `${nameOf(end)} ${each.sides[i]}`)
      .sort()
      .join(' | ')} ${each.sort}`;
    alike.set(key, [...(alike.get(key) ?? []), each]);
  }
  return [...alike.values()].flatMap((group) =>
    group.filter((each) => !group.some((other) => beats(other, each))),
  );
}

function beats(a: ChainPart, b: ChainPart): boolean {
  if (a === b || (a.bore ?? 0) < (b.bore ?? 0)) return false;
  const [long, short] = [a.length ?? Infinity, b.length ?? Infinity];
  const [dear, cheap] = [a.price ?? Infinity, b.price ?? Infinity];
  if (long > short || dear > cheap) return false;
  return long < short || dear < cheap || a.part.id < b.part.id;
}

/** What an end is, but for what it is made of: brass and black iron of one thread are one opening, galvanised is another. */
export function nameOf(end: End): string {
  if (end.kind !== 'thread') return JSON.stringify(end);
  const { family, size, gender, hand, seat, metal } = end;
  return `${family} ${size} ${gender} ${hand} ${seat} ${metal === 'galvanised' ? metal : ''}`;
}
