import { getCutByAllowances } from '../allowances/cut-length.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { getVector } from '../geometry/axis.ts';
import { addScaled, ORIGIN, type Vector } from '../geometry/vector.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import { getOrThrow } from '../outcome/get-or-throw.ts';
import type { Length } from '../units/length.ts';
import { putOnTape } from '../units/tape.ts';
import type { Facts } from './fold-events.ts';
import { getAxisFrom, inferFitting } from './infer-fitting.ts';
import type { LaidEnd, LaidLeg, LaidNode, Piece, RunLayout } from './layout.ts';
import { getEndId, makeEndReader } from './read-end.ts';
import { getLegsByNode, findSource, type Leg, type RunDoc } from './run.ts';

/** A leg whose measure is missing is placed this long (nm), so that what follows it can still be drawn. */
const PLACED_WITHOUT_MEASURE: Length = 12 * 25_400_000;

/**
 * Lays a run out: fittings at its nodes, both ends of every piece with take-off and tightness, cut lengths exact and
 * on the tape. A pure function that never searches; lengths in nm. It refuses nothing: what is missing or impossible
 * comes out as null and is named by a check (checks/).
 */
export function layOutRun(doc: RunDoc, catalogue: Catalogue, rules: HouseRules, facts: Facts): RunLayout {
  const legsByNode = getLegsByNode(doc);
  const measured = readMeasures(doc, legsByNode);
  const walk: Walk = { doc, legsByNode, ...measured, catalogue, nodes: new Map(), legs: new Map() };
  const source = findSource(doc);
  if (source !== null && legsByNode.has(source)) walkFrom(walk, source);
  for (const id of legsByNode.keys()) if (!walk.nodes.has(id)) walkFrom(walk, id);

  const { nodes, legs } = walk;
  const getEnd = makeEndReader(catalogue, rules);
  const pieces = new Map<string, Piece>();
  for (const laid of legs.values()) {
    const near = getEnd(laid.leg, getOrThrow(nodes, laid.near, 'node'));
    const far = getEnd(laid.leg, getOrThrow(nodes, laid.far, 'node'));
    pieces.set(laid.id, new LaidPiece(laid, near, far, rules, facts));
  }
  return { doc, catalogue, rules, facts, nodes, legs, contradictions: measured.contradictions, pieces };
}

/** The piece of an id (`end~end`, its ends as drawn); null when the layout has none of that id. */
export function findPiece(layout: RunLayout, id: string): Piece | null {
  const piece = layout.pieces.get(id.slice(id.lastIndexOf(':') + 1));
  return piece?.id === id ? piece : null;
}

/** The end of a piece by its id (`node:leg`); null when the layout has none of that id. */
export function findEnd(layout: RunLayout, id: string): LaidEnd | null {
  const piece = layout.pieces.get(id.slice(id.indexOf(':') + 1));
  return piece?.ends.find((end) => end.id === id) ?? null;
}

/** All ends, piece by piece. */
export function* getEnds(layout: RunLayout): Generator<LaidEnd> {
  for (const piece of layout.pieces.values()) yield* piece.ends;
}

interface Walk extends Measured {
  readonly doc: RunDoc;
  readonly legsByNode: ReadonlyMap<string, readonly Leg[]>;
  readonly catalogue: Catalogue;
  readonly nodes: Map<string, LaidNode>;
  readonly legs: Map<string, LaidLeg>;
}

interface Measured {
  /** Leg id → its centre-to-centre, nm; null where two measures of it differ: neither is taken. */
  readonly lengths: ReadonlyMap<string, Length | null>;
  readonly contradictions: ReadonlyMap<string, readonly Length[]>;
}

function readMeasures(doc: RunDoc, legsByNode: ReadonlyMap<string, readonly Leg[]>): Measured {
  const lengths = new Map<string, Length | null>();
  const contradictions = new Map<string, readonly Length[]>();
  for (const { from, to, value } of Object.values(doc.measures)) {
    const leg = legsByNode.get(from.node)?.find((each) => each.from === to.node || each.to === to.node);
    if (!leg) continue;
    const before = lengths.get(leg.id);
    if (before === undefined) lengths.set(leg.id, value);
    else if (before !== value) {
      contradictions.set(leg.id, [...(contradictions.get(leg.id) ?? [before!]), value]);
      lengths.set(leg.id, null);
    }
  }
  return { lengths, contradictions };
}

/** Walks a branch to its end before the next begins; a stack of its own, for runs of any length. */
function walkFrom(walk: Walk, start: string): void {
  const stack: LaidNode[] = [];
  const next: number[] = [];
  const visit = (id: string, position: Vector) => {
    const ordered = putInletFirst(walk.legsByNode.get(id) ?? [], walk.legs);
    const node = walk.doc.nodes[id];
    if (!node) throw new Error(`no node with id ${id}`);
    const fitting = inferFitting(node, ordered, walk.catalogue);
    const at: LaidNode = { id, node, legs: ordered, fitting, position };
    walk.nodes.set(id, at);
    stack.push(at);
    next.push(0);
  };
  visit(start, ORIGIN);
  while (stack.length > 0) {
    const depth = stack.length - 1;
    const at = stack[depth]!;
    const leg = at.legs[next[depth]!++];
    if (!leg) {
      stack.pop();
      next.pop();
      continue;
    }
    if (walk.legs.has(leg.id)) continue;
    const laid = layLeg(walk, leg, at.id, depth);
    if (walk.nodes.has(laid.far)) continue;
    const length = laid.centreToCentre ?? PLACED_WITHOUT_MEASURE;
    visit(laid.far, addScaled(at.position, getVector(getAxisFrom(leg, at.id)), length));
  }
}

/** The leg by which a node is reached comes first; the others keep the order of their ranks. */
function putInletFirst(legs: readonly Leg[], walked: ReadonlyMap<string, LaidLeg>): readonly Leg[] {
  const inlet = legs.findIndex((leg) => walked.has(leg.id));
  return inlet <= 0 ? legs : [legs[inlet]!, ...legs.slice(0, inlet), ...legs.slice(inlet + 1)];
}

function layLeg(walk: Walk, leg: Leg, near: string, depth: number): LaidLeg {
  const far = leg.from === near ? leg.to : leg.from;
  const centreToCentre = walk.lengths.get(leg.id) ?? null;
  const laid: LaidLeg = { id: leg.id, leg, near, far, depth, centreToCentre };
  walk.legs.set(leg.id, laid);
  return laid;
}

/** The id of the piece of a leg: its ends as drawn, wherever the source may be. */
export const getPieceId = (leg: Leg): string => `${getEndId(leg.from, leg.id)}~${getEndId(leg.to, leg.id)}`;

/** Kept as small as an end is, for the same reason. */
class LaidPiece implements Piece {
  declare private readonly laid: LaidLeg;
  declare private readonly near: LaidEnd;
  declare private readonly far: LaidEnd;
  declare private readonly facts: Facts;
  declare readonly cut: Piece['cut'];

  constructor(laid: LaidLeg, near: LaidEnd, far: LaidEnd, rules: HouseRules, facts: Facts) {
    this.laid = laid;
    this.near = near;
    this.far = far;
    this.facts = facts;
    this.cut = findCut(laid.centreToCentre, near, far, rules);
  }

  get id() {
    return getPieceId(this.laid.leg);
  }
  get leg() {
    return this.laid.id;
  }
  get mark() {
    return String(this.laid.leg.tag);
  }
  get size() {
    return this.laid.leg.size;
  }
  get ends(): Piece['ends'] {
    return [this.near, this.far];
  }
  get centreToCentre() {
    return this.laid.centreToCentre;
  }
  get asCut() {
    // Most runs have no facts yet; then the long id need not be built.
    return this.facts.asCut.size > 0 ? (this.facts.asCut.get(this.id) ?? null) : null;
  }
}

function findCut(
  centreToCentre: Length | null,
  near: LaidEnd,
  far: LaidEnd,
  rules: HouseRules,
): Piece['cut'] {
  if (centreToCentre === null || near.takeOff === null || far.takeOff === null) return null;
  const exact = getCutByAllowances(centreToCentre, getPieceEnd(near), getPieceEnd(far));
  return { exact, onTape: putOnTape(exact, rules['tape-rounding'].option) };
}

/** Reach and engagement of an end whose take-off is known; a bare end has neither. */
export const getPieceEnd = ({ joint }: LaidEnd): { reach: Length; engagement: Length } => ({
  reach: joint?.reach ?? 0,
  engagement: joint?.engagement ?? 0,
});
