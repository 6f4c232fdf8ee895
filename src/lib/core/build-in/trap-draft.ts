import { type Axis, getOpposite, getVector, dot, subtract } from '#core/geometry';
import type { Settings } from '#core/materials';
import {
  getLegsByNode,
  centreOf,
  type InlineKind,
  type Leg,
  type Measure,
  type Ref,
  type Terminal,
  findStraightLine,
} from '#core/runs/document';
import type { Op } from '#core/runs/changes';
import {
  findNextTag,
  makeNode,
  findLegsAt,
  insertLeg,
  insertOp,
  setOp,
  type NewId,
} from '#core/runs/commands';
import { isOutOfReach, type ZoneId } from '#core/permissions';
import type { LaidLeg } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { generateKeyBetween } from 'fractional-indexing';
import type { Length } from '#core/units';

/** The operations of a trap as it is drafted: legs and nodes that are put in, measures that are taken otherwise. */
export class TrapDraft {
  readonly layout: RunLayout;
  readonly #newId: NewId;
  readonly #ops: Op[] = [];
  readonly #moved = new Map<string, Measure>();
  readonly #ranks = new Map<string, string | null>();
  /** Legs that are new, and those whose ends moved. */
  readonly legs: string[] = [];
  readonly #zone: ZoneId | null;
  #newLength: Length = 0;
  #tag: number;

  /** `at`: the leg of the drop at which it is built: what is new runs where that does. */
  constructor(layout: RunLayout, newId: NewId, at: LaidLeg) {
    this.#zone = layout.doc.zones[at.id]?.zone ?? null;
    this.layout = layout;
    this.#newId = newId;
    this.#tag = findNextTag(layout.doc);
  }

  /** All of it; measures that were taken otherwise several times are set once. */
  get ops(): readonly Op[] {
    const taken = [...this.#moved].flatMap(([id, now]) => {
      const was = this.layout.doc.measures[id]!;
      return (['from', 'to', 'along'] as const).flatMap((field) =>
        was[field] === now[field] ? [] : [setOp('measures', was, field, now[field])],
      );
    });
    return [...this.#ops, ...taken];
  }

  add(...ops: readonly Op[]): void {
    this.#ops.push(...ops);
  }

  addNode(terminal: Terminal | null = null): string {
    const id = this.#newId();
    this.#ops.push(insertOp('nodes', makeNode(id, terminal)));
    return id;
  }

  /** Puts in a leg of pipe, and what was measured of it: between its centres, or between the ends of its pipe. */
  addLeg(
    from: string,
    to: string,
    axis: Axis,
    { system, material, size, stock }: Settings,
    measure: { readonly value: Length; readonly typed: string; readonly at: 'centre' | 'end' } | null,
  ): string {
    const id = this.#newId();
    const leg: Leg = {
      id,
      from,
      to,
      geometry: { kind: 'axis', axis },
      system,
      material,
      size,
      stock,
      inline: {},
      rank: this.#nextRank(from),
      tag: this.#tag++,
    };
    this.#ops.push(...insertLeg(leg));
    if (this.#zone !== null) this.#ops.push(insertOp('zones', { id, zone: this.#zone } as { id: string }));
    if (measure) {
      this.#newLength += measure.value;
      const { value, typed, at } = measure;
      this.addMeasure({ ...centreOf(from), at }, { ...centreOf(to), at }, value, typed);
    }
    this.legs.push(id);
    return id;
  }

  addMeasure(from: Ref, to: Ref, value: Length, typed: string): void {
    const measure = { id: this.#newId(), from, to, along: null, value, typed, instrument: null };
    this.#ops.push(insertOp('measures', measure));
  }

  /** Whether a hand gets at what stands in a leg, new or old; where it runs nobody said, it is not known that it does not. */
  isReached(leg: string): boolean {
    const zone =
      this.legs.includes(leg) && !this.layout.legs.has(leg)
        ? this.#zone
        : (this.layout.doc.zones[leg]?.zone ?? null);
    return zone === null || !isOutOfReach(zone);
  }

  /** Puts a part into the pipe of a leg; where it stands is measured apart. */
  addPart(leg: string, part: InlineKind): string {
    const id = this.#newId();
    this.#ops.push(insertOp('parts', { id, leg, part, share: 0.5 } as { id: string }));
    return id;
  }

  /** How much pipe is new, as far as it is measured, nm. */
  get newLength(): Length {
    return this.#newLength;
  }

  /** Hangs the end of a leg at a node on another. */
  moveEnd(leg: Leg, node: string, to: string): void {
    this.#ops.push(setOp('legs', leg, leg.from === node ? 'from' : 'to', to));
    this.legs.push(leg.id);
  }

  /** Measures along the line of a leg are from now on taken along its square way: the pipe is no longer straight between their ends. */
  takeAlong(leg: Leg): void {
    const { doc, nodes } = this.layout;
    const legsByNode = getLegsByNode(doc);
    for (const measure of Object.values(doc.measures)) {
      if (measure.along !== null) continue;
      const line = findStraightLine(doc, legsByNode, measure.from, measure.to);
      if (!line?.legs.some(({ id }) => id === leg.id)) continue;
      if (measure.from.kind === 'inline' || measure.to.kind === 'inline') continue;
      const [a, b] = [measure.from, measure.to].map(({ id }) => nodes.get(id)!.position);
      const way = leg.geometry.kind === 'axis' ? (leg.geometry.axis as Axis) : 'up';
      const isOnward = dot(subtract(b!, a!), getVector(way)) > 0;
      this.#take(measure, { along: isOnward ? way : getOpposite(way) });
    }
  }

  /** Measures between two nodes refer to a third in place of one of them. */
  refer(between: readonly [string, string], old: string, node: string): void {
    for (const measure of Object.values(this.layout.doc.measures)) {
      const { from, to } = measure;
      const isIts =
        [from, to].every(({ kind, id }) => kind === 'node' && between.includes(id)) && from.id !== to.id;
      if (!isIts) continue;
      if (from.id === old) this.#take(measure, { from: { ...from, id: node } });
      if (to.id === old) this.#take(measure, { to: { ...to, id: node } });
    }
  }

  #take(measure: Measure, anew: Partial<Measure>): void {
    this.#moved.set(measure.id, { ...(this.#moved.get(measure.id) ?? measure), ...anew });
  }

  /** After every leg that leaves the node, those put in before among them. */
  #nextRank(node: string): string {
    const before =
      this.#ranks.get(node) ??
      findLegsAt(this.layout.doc, node)
        .filter(({ from }) => from === node)
        .map(({ rank }) => rank)
        .sort()
        .at(-1) ??
      null;
    const rank = generateKeyBetween(before, null);
    this.#ranks.set(node, rank);
    return rank;
  }
}
