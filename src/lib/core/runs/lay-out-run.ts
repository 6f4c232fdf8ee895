import type { Catalogue } from '../catalogue/catalogue.ts';
import { addScaled, ORIGIN, type Vector } from '../geometry/vector.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import { getOrThrow } from '../outcome/get-or-throw.ts';
import type { Length } from '../units/length.ts';
import type { Facts } from './fold-events.ts';
import type { Fitting } from './fitting.ts';
import { readChains, seeLeg, type Chains } from './chains.ts';
import { inferFitting } from './infer-fitting.ts';
import { isEmpty } from './is-empty.ts';
import { findInlinePart, layParts, joinStock, type LegPipe } from './lay-inline.ts';
import { PieceLayer } from './lay-pieces.ts';
import type { LaidEnd, LaidInline, LaidLeg, LaidNode, Piece, RunLayout } from './layout.ts';
import { getVectorFrom } from './leg-direction.ts';
import { withOwnParts } from './own-parts.ts';
import { makeEndReader, type EndReader } from './read-end.ts';
import { listInlineOpenings, listOpenings } from './read-ref.ts';
import { findSource, type Leg, type RunDoc } from './run.ts';
import { getLegsByNode } from './legs.ts';
import { solveLengths, type SolveContext } from './solve-lengths.ts';
import { findLegOfPart, type LegsByNode } from './straight-line.ts';

/** A leg whose measure is missing is placed this long (nm), so that what follows it can still be drawn. */
const PLACED_WITHOUT_MEASURE: Length = 12 * 25_400_000;

/**
 * Lays a run out: fittings at its nodes, lengths from its measures, both ends of every piece with take-off and tightness,
 * cut lengths exact and on the tape. A pure function that never searches; lengths in nm. It refuses nothing: what is
 * missing or impossible comes out as null and is named by a check (checks/).
 */
export function layOutRun(doc: RunDoc, carried: Catalogue, rules: HouseRules, facts: Facts): RunLayout {
  const catalogue = withOwnParts(carried, doc.ownParts);
  const legsByNode = getLegsByNode(doc);
  const chains = readChains(doc, catalogue);
  const ends = makeEndReader(catalogue, rules, doc.clockings, chains);
  const solved = solveLengths(makeSolveContext(doc, legsByNode, catalogue, ends, chains));
  const walk: Walk = {
    doc,
    legsByNode,
    lengths: solved.lengths,
    catalogue,
    chains,
    nodes: new Map(),
    legs: new Map(),
  };
  const source = findSource(doc);
  if (source !== null && legsByNode.has(source)) walkFrom(walk, source);
  for (const id of legsByNode.keys()) if (!walk.nodes.has(id)) walkFrom(walk, id);

  const { nodes, legs } = walk;
  const layer = new PieceLayer(nodes, catalogue, rules, facts, ends);
  const pieces = new Map<string, readonly Piece[]>();
  for (const [id, laid] of legs) {
    const pipe = readPipe(laid, nodes, ends);
    const inline = pipe ? divide(pipe, solved.places, catalogue, rules, ends) : NO_PARTS;
    const whole = inline.length > 0 ? { ...laid, inline } : laid;
    if (whole !== laid) legs.set(id, whole);
    pieces.set(id, layer.lay(whole, pipe));
  }
  return { doc, catalogue, rules, facts, nodes, legs, solved, pieces, chains };
}

/** What solving lengths, and explaining them later, needs of a run. */
export function makeSolveContext(
  doc: RunDoc,
  legsByNode: LegsByNode,
  catalogue: Catalogue,
  ends: EndReader,
  chains: Chains,
): SolveContext {
  const fittings = new Map<string, Fitting>();
  const getFitting = (node: string): Fitting => {
    const known = fittings.get(node);
    if (known) return known;
    const at = doc.nodes[node];
    if (!at) throw new Error(`no node with id ${node}`);
    const fitting = inferFitting(at, seeLegs(legsByNode.get(node) ?? [], node, chains), catalogue);
    fittings.set(node, fitting);
    return fitting;
  };
  return {
    doc,
    legsByNode,
    getFitting,
    ends,
    getStation: (kind, id) => {
      if (kind === 'node') return legsByNode.has(id) ? listOpenings(id, getFitting(id)) : null;
      const leg = findLegOfPart(doc, id);
      return leg && listInlineOpenings(leg, findInlinePart(leg, leg.inline[id]!.part, catalogue));
    },
  };
}

/** All pieces, in walking order. */
export function* getPieces(layout: RunLayout): Generator<Piece> {
  for (const pieces of layout.pieces.values()) yield* pieces;
}

/** The leg an id of an end or a piece belongs to: what stands after its last colon. */
const getPiecesOf = (layout: RunLayout, id: string): readonly Piece[] =>
  layout.pieces.get(id.slice(id.lastIndexOf(':') + 1)) ?? [];

/** The piece of an id (`end~end`, its ends as drawn); null when the layout has none of that id. */
export const findPiece = (layout: RunLayout, id: string): Piece | null =>
  getPiecesOf(layout, id).find((piece) => piece.id === id) ?? null;

/** The end of a piece by its id (`station:leg`); null when the layout has none of that id. */
export function findEnd(layout: RunLayout, id: string): LaidEnd | null {
  for (const piece of getPiecesOf(layout, id)) {
    const end = piece.ends.find((each) => each.id === id);
    if (end) return end;
  }
  return null;
}

/** All ends of pieces, piece by piece. */
export function* getEnds(layout: RunLayout): Generator<LaidEnd> {
  for (const piece of getPieces(layout)) yield* piece.ends;
}

const NO_PARTS: readonly LaidInline[] = [];

const seeLegs = (legs: readonly Leg[], node: string, chains: Chains): readonly Leg[] =>
  chains.at.size === 0 ? legs : legs.map((leg) => seeLeg(leg, node, chains));

/** The pipe of a leg; null where fitting goes straight into fitting. */
function readPipe(laid: LaidLeg, nodes: ReadonlyMap<string, LaidNode>, ends: EndReader): LegPipe | null {
  const { leg, near, far, centreToCentre: length } = laid;
  if (leg.geometry.kind === 'made-up') return null;
  return {
    leg,
    isAsDrawn: near === leg.from,
    near: ends.readAtNode(leg, near, getOrThrow(nodes, near, 'node').fitting),
    far: ends.readAtNode(leg, far, getOrThrow(nodes, far, 'node').fitting),
    length,
  };
}

function divide(
  pipe: LegPipe,
  places: ReadonlyMap<string, Length>,
  catalogue: Catalogue,
  rules: HouseRules,
  ends: EndReader,
): readonly LaidInline[] {
  const parts = isEmpty(pipe.leg.inline) ? NO_PARTS : layParts(pipe, places, catalogue);
  return joinStock(pipe, parts, catalogue, rules, ends);
}

interface Walk {
  readonly doc: RunDoc;
  readonly legsByNode: LegsByNode;
  readonly lengths: ReadonlyMap<string, Length>;
  readonly catalogue: Catalogue;
  readonly chains: Chains;
  readonly nodes: Map<string, LaidNode>;
  readonly legs: Map<string, LaidLeg>;
}

/** Walks a branch to its end before the next begins; a stack of its own, for runs of any length. */
function walkFrom(walk: Walk, start: string): void {
  const stack: LaidNode[] = [];
  const next: number[] = [];
  const visit = (id: string, position: Vector) => {
    const ordered = putInletFirst(walk.legsByNode.get(id) ?? [], walk.legs);
    const node = walk.doc.nodes[id];
    if (!node) throw new Error(`no node with id ${id}`);
    const fitting = inferFitting(node, seeLegs(ordered, id, walk.chains), walk.catalogue);
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
    visit(laid.far, addScaled(at.position, getVectorFrom(leg, at.id), length));
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
  const laid: LaidLeg = { id: leg.id, leg, near, far, depth, centreToCentre, inline: NO_PARTS };
  walk.legs.set(leg.id, laid);
  return laid;
}
