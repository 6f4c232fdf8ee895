import type { Length } from '#core/units';
import type { LaidLeg, LaidNode, Piece } from '#core/runs/pieces';
import type { RunLayout } from './layout.ts';
import type { Leg } from '#core/runs/document';

/** How the nodes of a walk hang on one another, by their places in it. */
interface Structure {
  /** Node → the node it was reached from. */
  readonly parents: Int32Array;
  /** Node → where its block ends. */
  readonly ends: Int32Array;
  readonly places: ReadonlyMap<string, number>;
}
const structures = new WeakMap<RunLayout, Structure>();

/** Notes that one layout was walked as another was: the same nodes by the same legs. */
export function walkedAlike(layout: RunLayout, before: RunLayout): void {
  const structure = structures.get(before);
  if (structure) structures.set(layout, structure);
}

/**
 * The walk of an earlier layout, as far as nothing touched it. Nodes lie in walking order, so that what hangs on a node is a block of
 * them: from the node to the end of its branch. A block in which nothing was touched is taken over as a whole.
 */
export class EarlierWalk {
  readonly nodes: readonly LaidNode[];
  /** The leg by which the next node was reached: leg k leads to node k + 1. */
  readonly legs: readonly LaidLeg[];
  readonly pieces: readonly (readonly Piece[])[];
  readonly #structure: Structure;
  readonly #touched: Uint8Array;

  private constructor(layout: RunLayout) {
    this.nodes = [...layout.nodes.values()];
    this.legs = [...layout.legs.values()];
    this.pieces = [...layout.pieces.values()];
    this.#structure = structures.get(layout) ?? this.#readStructure();
    structures.set(layout, this.#structure);
    this.#touched = new Uint8Array(this.nodes.length);
  }

  #readStructure(): Structure {
    const count = this.nodes.length;
    const [parents, ends] = [new Int32Array(count), new Int32Array(count)];
    const places = new Map<string, number>();
    // The way from the source to where the walk is: its blocks are still open.
    const open = new Int32Array(count);
    let deep = 0;
    for (let i = 0; i < count; i++) {
      const depth = this.getDepth(i);
      while (deep > depth) ends[open[--deep]!] = i;
      parents[i] = depth === 0 ? -1 : open[depth - 1]!;
      open[deep++] = i;
      places.set(this.nodes[i]!.id, i);
    }
    while (deep > 0) ends[open[--deep]!] = count;
    return { parents, ends, places };
  }

  /** Node → the node it was reached from, by their places in the walk. */
  get parents(): Int32Array {
    return this.#structure.parents;
  }

  /**
   * Reads the walk of a layout; null where it has more legs than a tree has, or begins elsewhere than at `source`: then nothing of it
   * lies in blocks.
   */
  static read(layout: RunLayout, source: string | null): EarlierWalk | null {
    const { nodes, legs } = layout;
    if (nodes.size < 2 || legs.size !== nodes.size - 1) return null;
    const [first] = nodes.keys();
    return first === source ? new EarlierWalk(layout) : null;
  }

  /** How many legs lie between a node and the source. */
  getDepth(node: number): number {
    return node === 0 ? 0 : this.legs[node - 1]!.depth + 1;
  }

  /** Says what has changed since: nodes by their ids, and legs by what they come to now (nm). Everything before it on its way is touched. */
  touch(nodes: ReadonlySet<string>, lengths: ReadonlyMap<string, Length>): void {
    const touched = this.#touched;
    const { parents } = this;
    for (const id of nodes) {
      const place = this.#structure.places.get(id);
      if (place !== undefined) touched[place] = 1;
    }
    for (let k = 0; k < this.legs.length; k++) {
      const { id, centreToCentre } = this.legs[k]!;
      if ((lengths.get(id) ?? null) !== centreToCentre) touched[parents[k + 1]!] = 1;
    }
    for (let i = touched.length - 1; i > 0; i--) if (touched[i] === 1) touched[parents[i]!] = 1;
  }

  /** The block of a node that is reached by a leg (null: the source); null where it is another one now, or touched. */
  findBlock(node: string, inlet: Leg | null): { readonly from: number; readonly to: number } | null {
    const from = this.#structure.places.get(node);
    if (from === undefined || this.#touched[from] === 1) return null;
    const isReachedAlike = from === 0 ? inlet === null : this.legs[from - 1]!.leg === inlet;
    return isReachedAlike ? { from, to: this.#structure.ends[from]! } : null;
  }
}
