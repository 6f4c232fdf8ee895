import type { Catalogue } from '#core/catalogue';
import type { HouseRules } from '#core/house-rules';
import { getOrThrow } from '#core/outcome';
import type { Length } from '#core/units';
import type { Facts } from '#core/runs/changes';
import {
  type Fitting,
  readChains,
  readChainsAgain,
  seeLegs,
  type Chains,
  inferFitting,
  withOwnParts,
} from '#core/runs/fittings';
import {
  isEmpty,
  hasPipe,
  findSource,
  type RunDoc,
  getLegsByNode,
  findLegOfPart,
  type LegsByNode,
} from '#core/runs/document';
import {
  findInlinePart,
  layParts,
  joinStock,
  type LegPipe,
  endsAlike,
  isTube,
  PieceLayer,
  type LaidInline,
  type LaidLeg,
  type LaidNode,
  type Piece,
} from '#core/runs/pieces';
import { findHolder, TubeLayer } from '#core/runs/tube';
import { noteDisplaced, readEarlier } from './displaced.ts';
import {
  type LaidEnd,
  makeEndReader,
  type EndReader,
  listInlineOpenings,
  listOpenings,
  solveLengths,
  type SolveContext,
} from '#core/runs/measuring';
import { noteLaidBefore, type RunLayout } from './layout.ts';
import { NO_PARTS, NO_PIECES, walkFrom, type Walk } from './walk-run.ts';

/** What a layout was made with and what was made for it, for the one that comes after it. */
interface Inside {
  readonly carried: Catalogue;
  readonly ends: EndReader;
  readonly legsByNode: LegsByNode;
  readonly work: LayoutWork;
}
const insides = new WeakMap<RunLayout, Inside>();

/** A document → its layout, as it was last laid out along another: a draft that is entered is laid out already. */
const laidOut = new WeakMap<RunDoc, RunLayout>();

/** How much was made anew, and not taken over from the layout before. */
export interface LayoutWork {
  readonly fittings: number;
  readonly pieces: number;
}
/** How much of a layout was made anew. */
export const countWork = (layout: RunLayout): LayoutWork => insides.get(layout)!.work;

/**
 * Lays a run out: fittings at its nodes, lengths from its measures, both ends of every piece with take-off and tightness,
 * cut lengths exact and on the tape. A pure function that never searches; lengths in nm. It refuses nothing: what is
 * missing or impossible comes out as null and is named by a check (checks/).
 *
 * With the layout of the document before an edit, what the edit did not touch is taken over as it is (the very same objects); what
 * comes out is the same as if made from nothing.
 */
export function layOutRun(
  doc: RunDoc,
  carried: Catalogue,
  rules: HouseRules,
  facts: Facts,
  before: RunLayout | null = null,
): RunLayout {
  const already = before && laidOut.get(doc);
  if (already?.rules === rules && already.facts === facts && insides.get(already)!.carried === carried)
    return already;
  const inside = before && insides.get(before);
  const isSameCatalogue =
    inside?.carried === carried &&
    before!.doc.ownParts === doc.ownParts &&
    before!.doc.shopParts === doc.shopParts &&
    before!.doc.makers === doc.makers;
  const catalogue = isSameCatalogue ? before!.catalogue : withOwnParts(carried, doc);
  const legsByNode = getLegsByNode(doc);
  const chains = isSameCatalogue
    ? readChainsAgain(doc, catalogue, before!.chains)
    : readChains(doc, catalogue);
  // What every end rests on: where it changed, all of them are worked out anew.
  const isSameGround =
    isSameCatalogue &&
    before!.rules === rules &&
    before!.doc.clockings === doc.clockings &&
    before!.chains === chains;
  const ends = isSameGround ? inside!.ends : makeEndReader(catalogue, rules, doc.clockings, chains);
  const solved = solveLengths(
    makeSolveContext(doc, legsByNode, catalogue, ends, chains),
    before && { doc: before.doc, legsByNode: inside!.legsByNode, solved: before.solved },
  );
  const old = isSameCatalogue && before!.chains === chains ? before : null;
  const source = findSource(doc);
  const kept = isSameGround && before!.facts === facts ? old : null;
  const walk: Walk = {
    doc,
    legsByNode,
    lengths: solved.lengths,
    catalogue,
    chains,
    old,
    work: { fittings: 0, pieces: 0 },
    anew: new Set(),
    nodes: new Map(),
    legs: new Map(),
    earlier: kept && readEarlier(kept, inside!.legsByNode, source, legsByNode, solved),
    pieces: new Map(),
    open: [],
    closing: [],
    moved: [],
  };
  if (source !== null && legsByNode.has(source)) walkFrom(walk, source);
  if (walk.nodes.size < legsByNode.size)
    for (const id of legsByNode.keys()) if (!walk.nodes.has(id)) walkFrom(walk, id);

  const { nodes, legs, pieces, work } = walk;
  const layer = new PieceLayer(nodes, pieces, catalogue, rules, facts, ends);
  const tubes = new TubeLayer(walk, solved.places, catalogue, rules, facts, ends);
  const layAnew = (laid: LaidLeg): void => {
    if (isTube(laid.leg) && hasPipe(laid.leg)) {
      work.pieces += tubes.lay(laid);
      return;
    }
    const pipe = readPipe(laid, nodes, ends);
    const inline = pipe ? divide(pipe, solved.places, catalogue, rules, ends) : NO_PARTS;
    const whole = inline.length > 0 ? { ...laid, inline } : laid;
    if (whole !== laid) legs.set(laid.id, whole);
    const made = layer.lay(whole, pipe);
    work.pieces += made.length;
    pieces.set(laid.id, made);
  };
  // In a block that was taken over a line may come along that has changed since: its pieces follow it until it is as it was.
  const follow = (laid: LaidLeg, was: readonly Piece[]): void => {
    const lines = [{ laid, was }];
    for (let line = lines.pop(); line; line = lines.pop()) {
      if (endsAlike(pieces.get(line.laid.id)!, line.was)) continue;
      for (const { id } of nodes.get(line.laid.far)!.legs) {
        const next = legs.get(id)!;
        const before = pieces.get(id)!;
        if (next.near !== line.laid.far || before === NO_PIECES || layer.goesOn(next, before)) continue;
        layAnew(next);
        lines.push({ laid: next, was: before });
      }
    }
  };
  for (const laid of walk.open) {
    const again = kept && takePieces(laid, kept, walk.anew, solved.places);
    if (again && layer.goesOn(laid, again.pieces)) {
      if (again.laid !== laid) legs.set(laid.id, again.laid);
      pieces.set(laid.id, again.pieces);
      continue;
    }
    layAnew(laid);
    if (walk.earlier) follow(laid, kept!.pieces.get(laid.id) ?? NO_PIECES);
  }
  const { closing } = walk;
  const layout = { doc, catalogue, rules, facts, nodes, legs, closing, solved, pieces, chains };
  if (before) {
    noteLaidBefore(layout, before);
    laidOut.set(doc, layout);
  }
  if (walk.earlier) noteDisplaced(layout, walk, kept!);
  insides.set(layout, { carried, ends, legsByNode, work });
  return layout;
}

/** A leg and its pieces as they were, where nothing they rest on but the line before them has changed. */
function takePieces(
  laid: LaidLeg,
  { legs, pieces, solved }: RunLayout,
  anew: ReadonlySet<string>,
  places: ReadonlyMap<string, Length>,
): { readonly laid: LaidLeg; readonly pieces: readonly Piece[] } | null {
  const was = legs.get(laid.id);
  // A tube rests on all the legs it goes through: it is laid anew with any of them.
  if (isTube(laid.leg)) return null;
  if (!was || was.leg !== laid.leg || was.near !== laid.near) return null;
  if (was.depth !== laid.depth || was.centreToCentre !== laid.centreToCentre) return null;
  if (anew.size > 0 && (anew.has(laid.near) || anew.has(laid.far))) return null;
  for (const part in laid.leg.inline) if (places.get(part) !== solved.places.get(part)) return null;
  return { laid: was, pieces: pieces.get(laid.id)! };
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
    const fitting = inferFitting(at, seeLegs(legsByNode.get(node) ?? [], node, chains), catalogue, chains);
    fittings.set(node, fitting);
    return fitting;
  };
  return {
    doc,
    legsByNode,
    getFitting,
    ends,
    getStation: (kind, id) => {
      if (kind === 'node') return legsByNode.has(id) ? listOpenings(id, getFitting(id), catalogue) : null;
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
  findPiecesThrough(layout, id.slice(id.lastIndexOf(':') + 1));

/** The pieces that go through a leg, wherever they are kept; empty for a leg that the layout does not have. */
export function findPiecesThrough({ pieces }: RunLayout, leg: string): readonly Piece[] {
  const own = pieces.get(leg);
  const holder = findHolder(own);
  return holder === null ? (own ?? []) : pieces.get(holder)!.filter(({ path }) => path?.legs.includes(leg));
}

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

/** The pipe of a leg; null where none is cut for it. */
function readPipe(laid: LaidLeg, nodes: ReadonlyMap<string, LaidNode>, ends: EndReader): LegPipe | null {
  const { leg, near, far, centreToCentre: length } = laid;
  if (!hasPipe(leg)) return null;
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
