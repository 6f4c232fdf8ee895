import type { EndRegistry, FiguredEnd } from '#core/catalogue';
import type { End } from '#core/ends';
import { checkJoint, type PairVerdict, findNutSide } from '#core/joints';

/** Two ends that go together, with their figures. */
export interface MadePair {
  readonly verdict: PairVerdict;
  readonly ends: readonly [FiguredEnd, FiguredEnd];
}

/**
 * Which ends go together, whatever a house or a place says of it. Few of the pairs do: each is judged once for one registry of ends,
 * however many sets of rules are asked about after.
 */
export class PairsThatMake {
  static readonly #byRegistry = new WeakMap<EndRegistry, PairsThatMake>();
  readonly #registry: EndRegistry;
  readonly #numbers = new Map<string, number>();
  readonly #keys = new WeakMap<End, number>();
  readonly #known: (MadePair | null | undefined)[][] = [];

  private constructor(registry: EndRegistry) {
    this.#registry = registry;
  }

  /** Those of a registry; made when they are first asked for. */
  static of(registry: EndRegistry): PairsThatMake {
    const known = PairsThatMake.#byRegistry.get(registry) ?? new PairsThatMake(registry);
    PairsThatMake.#byRegistry.set(registry, known);
    return known;
  }

  /** What two ends make; null where nothing comes of it, and where a loose nut would have to be put over the tube: a part brings its own. */
  find(a: End, b: End): MadePair | null {
    const row = (this.#known[this.#numberOf(a)] ??= []);
    const at = this.#numberOf(b);
    const known = row[at];
    if (known !== undefined) return known;
    const found = this.#judge(a, b);
    row[at] = found;
    return found;
  }

  #judge(a: End, b: End): MadePair | null {
    const ends = [this.#registry.figure(a), this.#registry.figure(b)] as const;
    const verdict = checkJoint(...ends);
    const makes = verdict.verdict === 'makes' || verdict.verdict === 'makes-only-if';
    return makes && verdict.joint !== null && findNutSide(verdict) !== 'loose' ? { verdict, ends } : null;
  }

  /** Ends that say the same are one. */
  #numberOf(end: End): number {
    const kept = this.#keys.get(end);
    if (kept !== undefined) return kept;
    const key = JSON.stringify(end);
    const at = this.#numbers.get(key) ?? this.#numbers.size;
    this.#numbers.set(key, at);
    this.#keys.set(end, at);
    return at;
  }
}
