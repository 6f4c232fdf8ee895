/** Why two stations are as far apart as they are. */
export type TiedBy =
  | { readonly kind: 'measure'; readonly id: string }
  | { readonly kind: 'leg'; readonly id: string }
  /** The leg between them is square to the way looked along. */
  | { readonly kind: 'square' };

/** One known distance (nm along its way) between two stations. */
export interface Span {
  readonly from: string;
  readonly to: string;
  readonly distance: number;
  readonly cause: TiedBy;
}

/** Lengths closer than this (nm) are the same: what is irrational was rounded to 1 nm more than once. */
const SAME = 1_000;

/**
 * Stations along one or several straight ways, with what is known of the distances between them. Every group of
 * stations tied together has one of them as its root, and each knows its distance from there (a union-find with
 * weights), so that a new span is either new knowledge, or agrees, or contradicts.
 *
 *     a ---12--- b          b's distance from root a is 12; a span a-c of 20 ties c in,
 *     a --------20------- c     and b-c is then known to be 8
 */
export class StationGraph {
  readonly #parents = new Map<string, { readonly to: string; readonly distance: number }>();
  readonly #spans = new Map<string, Span[]>();

  /** Ties two stations; gives by how much the span differs from what is known already, 0 when it agrees or is new. */
  add(span: Span): number {
    const from = this.#findRoot(span.from);
    const to = this.#findRoot(span.to);
    if (from.root === to.root) {
      const off = span.distance - (to.distance - from.distance);
      if (Math.abs(off) > SAME) return off;
    } else {
      this.#parents.set(to.root, { to: from.root, distance: from.distance + span.distance - to.distance });
    }
    for (const station of [span.from, span.to]) {
      const spans = this.#spans.get(station);
      if (spans) spans.push(span);
      else this.#spans.set(station, [span]);
    }
    return 0;
  }

  /** Distance (nm) from one station to another; null where nothing ties them. */
  findDistance(from: string, to: string): number | null {
    const [a, b] = [this.#findRoot(from), this.#findRoot(to)];
    return a.root === b.root ? b.distance - a.distance : null;
  }

  /**
   * The fewest spans that lead from one station to another, each with the sign in which it is gone along; empty where those
   * that may be used lead nowhere.
   */
  trace(
    from: string,
    to: string,
    mayUse: (span: Span) => boolean = () => true,
  ): { readonly span: Span; readonly sign: 1 | -1 }[] {
    const cameBy = new Map<string, { span: Span; sign: 1 | -1; before: string } | null>([[from, null]]);
    const queue = [from];
    for (const at of queue) {
      if (at === to) break;
      for (const span of this.#spans.get(at) ?? []) {
        const next = span.from === at ? span.to : span.from;
        if (cameBy.has(next) || !mayUse(span)) continue;
        cameBy.set(next, { span, sign: span.from === at ? 1 : -1, before: at });
        queue.push(next);
      }
    }
    const path: { span: Span; sign: 1 | -1 }[] = [];
    for (let step = cameBy.get(to); step; step = cameBy.get(step.before)) path.push(step);
    return path.reverse().map(({ span, sign }) => ({ span, sign }));
  }

  /** Walks up to the root in a loop: a long header must not exhaust the stack. Shortens the way behind it. */
  #findRoot(station: string): { root: string; distance: number } {
    let [root, distance] = [station, 0];
    for (let up = this.#parents.get(root); up; up = this.#parents.get(root)) {
      distance += up.distance;
      root = up.to;
    }
    let [at, rest] = [station, distance];
    while (at !== root) {
      const up = this.#parents.get(at)!;
      this.#parents.set(at, { to: root, distance: rest });
      rest -= up.distance;
      at = up.to;
    }
    return { root, distance };
  }
}
