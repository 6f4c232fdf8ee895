import type { Catalogue } from '#core/catalogue';
import { addScaled, type Vector } from '#core/geometry';
import type { HouseRules } from '#core/house-rules';
import { getCraft } from '#core/materials';
import { getOrThrow } from '#core/outcome';
import type { Length } from '#core/units';
import type { Facts } from '#core/runs/changes';
import { isEmpty, getVectorFrom } from '#core/runs/document';
import {
  joinStock,
  layParts,
  readInlineEnd,
  type LegPipe,
  type LaidInline,
  type LaidLeg,
  type LaidNode,
  type Piece,
  type TubePath,
  type TubeTurn,
} from '#core/runs/pieces';
import type { LaidEnd, EndReader } from '#core/runs/measuring';
import { TubePiece } from './tube-piece.ts';

/** A leg as a tube passes through it: in at one node, out at the other. */
interface Passed {
  readonly laid: LaidLeg;
  readonly in: string;
  readonly out: string;
}

/** The legs of a tube whose pieces another leg keeps → that leg. */
const holders = new WeakMap<readonly Piece[], string>();

/** The leg that keeps the pieces which go through a leg; null where it keeps them itself. */
export const findHolder = (pieces: readonly Piece[] | undefined): string | null =>
  (pieces && holders.get(pieces)) ?? null;

/**
 * Lays tube: one piece from end fitting to end fitting, through every leg between. All its pieces are kept by the leg nearest the source; the
 * others say which that is.
 *
 *      part |== leg 1 ==\           \== leg 3 ==| part
 *                        \== leg 2 ==\
 */
export class TubeLayer {
  readonly #nodes: ReadonlyMap<string, LaidNode>;
  readonly #legs: Map<string, LaidLeg>;
  readonly #pieces: Map<string, readonly Piece[]>;
  readonly #places: ReadonlyMap<string, Length>;
  readonly #catalogue: Catalogue;
  readonly #rules: HouseRules;
  readonly #facts: Facts;
  readonly #ends: EndReader;
  readonly #done = new Set<string>();

  constructor(
    {
      nodes,
      legs,
      pieces,
    }: {
      nodes: ReadonlyMap<string, LaidNode>;
      legs: Map<string, LaidLeg>;
      pieces: Map<string, readonly Piece[]>;
    },
    places: ReadonlyMap<string, Length>,
    catalogue: Catalogue,
    rules: HouseRules,
    facts: Facts,
    ends: EndReader,
  ) {
    this.#nodes = nodes;
    this.#legs = legs;
    this.#pieces = pieces;
    this.#places = places;
    this.#catalogue = catalogue;
    this.#rules = rules;
    this.#facts = facts;
    this.#ends = ends;
  }

  /** Lays the tube that goes through a leg, once; tells how many pieces that was. */
  lay(laid: LaidLeg): number {
    if (this.#done.has(laid.id)) return 0;
    const passed = this.#findStretch(laid);
    for (const each of passed) this.#done.add(each.laid.id);
    const holder = findNearest(passed, this.#nodes);
    const made = this.#cutUp(passed, holder);
    for (const each of passed) {
      if (each.laid.id === holder.id) continue;
      const kept: readonly Piece[] = [];
      holders.set(kept, holder.id);
      this.#pieces.set(each.laid.id, kept);
    }
    this.#pieces.set(holder.id, made);
    return made.length;
  }

  /** Both ways through every bend, in order from the end nearer the source. */
  #findStretch(laid: LaidLeg): readonly Passed[] {
    const seen = new Set([laid.id]);
    const follow = (from: LaidLeg, out: string): Passed[] => {
      const found: Passed[] = [];
      for (let [leg, node] = [from, out]; ;) {
        const fitting = this.#nodes.get(node)?.fitting;
        const next = fitting?.kind === 'bend' ? fitting.legs.find(({ id }) => id !== leg.id) : undefined;
        if (!next || seen.has(next.id)) return found;
        seen.add(next.id);
        leg = getOrThrow(this.#legs, next.id, 'leg');
        const far = leg.near === node ? leg.far : leg.near;
        found.push({ laid: leg, in: node, out: far });
        node = far;
      }
    };
    const onward = follow(laid, laid.far);
    const back = follow(laid, laid.near).map((each) => ({ ...each, in: each.out, out: each.in }));
    return [...back.reverse(), { laid, in: laid.near, out: laid.far }, ...onward];
  }

  #cutUp(passed: readonly Passed[], holder: LaidLeg): readonly TubePiece[] {
    const first = passed[0]!;
    const end = (leg: LaidLeg, node: string): LaidEnd =>
      this.#ends.readAtNode(leg.leg, node, getOrThrow(this.#nodes, node, 'node').fitting);
    const { bending, isAsDrawn, tag } = readTube(passed, this.#rules, this.#catalogue);
    const pieces: { path: TubePath; ends: [LaidEnd, LaidEnd] }[] = [];
    let near = end(first.laid, first.in);
    let way = new Way(this.#nodes.get(first.in)!.position);
    const close = (far: LaidEnd, at: Vector) =>
      pieces.push({ path: way.close(at, bending), ends: [near, far] });
    for (const [i, each] of passed.entries()) {
      const { laid, in: from, out } = each;
      const [start, vector] = [this.#nodes.get(from)!.position, getVectorFrom(laid.leg, from)];
      let done: Length | null = 0;
      way.enter(laid);
      for (const stop of this.#divide(each, passed.length === 1)) {
        const at = stop.at ?? laid.centreToCentre ?? 0;
        way.goOn(stop.at === null || done === null ? null : stop.at - done);
        const [arriving, leaving] = laid.near === from ? ([0, 1] as const) : ([1, 0] as const);
        const place = addScaled(start, vector, at);
        close(readInlineEnd(laid.leg, stop, arriving, this.#ends), place);
        near = readInlineEnd(laid.leg, stop, leaving, this.#ends);
        way = new Way(place);
        way.enter(laid);
        done = stop.at;
      }
      way.goOn(laid.centreToCentre === null || done === null ? null : laid.centreToCentre - done);
      const node = this.#nodes.get(out)!;
      if (i === passed.length - 1) close(end(laid, out), node.position);
      else way.turn(node, laid, passed[i + 1]!.laid, bending);
    }
    const isAlone = pieces.length === 1;
    return pieces.map(({ path, ends }, i) => {
      const place = isAlone ? null : isAsDrawn ? i : pieces.length - 1 - i;
      return new TubePiece(holder, path, ends, { tag, isAsDrawn, place }, this.#rules, this.#facts);
    });
  }

  /** The parts in a leg of tube, from where the tube comes in. */
  #divide({ laid, in: from }: Passed, isAlone: boolean): readonly LaidInline[] {
    const { leg, near, far, centreToCentre: length } = laid;
    const craft = getCraft(leg);
    const mayBeJoined =
      isAlone && leg.stock !== 'coil' && length !== null && length > craft.getStock(this.#rules);
    if (isEmpty(leg.inline) && !mayBeJoined) {
      if (laid.inline.length > 0) this.#legs.set(laid.id, { ...laid, inline: [] });
      return [];
    }
    const read = (node: string): LaidEnd =>
      this.#ends.readAtNode(leg, node, getOrThrow(this.#nodes, node, 'node').fitting);
    const pipe: LegPipe = { leg, isAsDrawn: near === leg.from, near: read(near), far: read(far), length };
    const parts = layParts(pipe, this.#places, this.#catalogue);
    const inline = mayBeJoined ? joinStock(pipe, parts, this.#catalogue, this.#rules, this.#ends) : parts;
    this.#legs.set(laid.id, { ...laid, inline });
    if (from === near) return inline;
    return inline
      .map((stop) => ({ ...stop, at: stop.at === null || length === null ? null : length - stop.at }))
      .reverse();
  }
}

/** What holds for all of a tube: how it is bent, the number chalked on it (the least of its legs'), and which end that is nearer. */
function readTube(passed: readonly Passed[], rules: HouseRules, catalogue: Catalogue) {
  const { leg } = passed[0]!.laid;
  const tags = passed.map(({ laid }) => laid.leg.tag);
  const [a, b] = [tags[0]!, tags.at(-1)!];
  const isAsDrawn = passed.length === 1 ? leg.from === passed[0]!.in : a < b;
  return { bending: getCraft(leg).findBending(leg, rules, catalogue), isAsDrawn, tag: Math.min(...tags) };
}

/** The leg of a tube that is nearest the source; where two are as near, the one that is walked first. */
function findNearest(passed: readonly Passed[], nodes: ReadonlyMap<string, LaidNode>): LaidLeg {
  return passed
    .map(({ laid }) => laid)
    .reduce((best, each) => {
      if (each.depth !== best.depth) return each.depth < best.depth ? each : best;
      return nodes.get(each.near)?.legs[0]?.id === each.id ? each : best;
    });
}

/** A path as far as it has come. */
class Way {
  readonly #legs: string[] = [];
  readonly #straights: (Length | null)[] = [0];
  readonly #turns: TubeTurn[] = [];
  readonly #points: Vector[];
  #isRoute = false;

  constructor(at: Vector) {
    this.#points = [at];
  }

  enter({ id, leg }: LaidLeg): void {
    this.#legs.push(id);
    if (leg.geometry.kind === 'route') this.#isRoute = true;
  }

  goOn(by: Length | null): void {
    const last = this.#straights.length - 1;
    const so = this.#straights[last]!;
    this.#straights[last] = so === null || by === null ? null : so + by;
  }

  /** Turns at a node; where it goes straight on, and where nobody measured how it goes, the straight only grows. */
  turn(node: LaidNode, from: LaidLeg, to: LaidLeg, bending: TubePath['bending']): void {
    const { fitting } = node;
    const isRoute = [from, to].some(({ leg }) => leg.geometry.kind === 'route');
    if (fitting.kind !== 'bend' || fitting.degrees < 1e-3 || isRoute) return;
    const { degrees, radius } = fitting;
    this.#turns.push({
      node: node.id,
      degrees,
      radius: radius ?? bending?.usual ?? null,
      isSaid: radius !== null,
    });
    this.#straights.push(0);
    this.#points.push(node.position);
  }

  close(at: Vector, bending: TubePath['bending']): TubePath {
    return {
      legs: this.#legs,
      straights: this.#straights,
      turns: this.#turns,
      bending,
      points: [...this.#points, at],
      isRoute: this.#isRoute,
    };
  }
}
