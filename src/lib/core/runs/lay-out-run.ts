import { findEngagement } from '../allowances/find-engagement.ts';
import { getCutByAllowances } from '../allowances/cut-length.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Port } from '../catalogue/part.ts';
import { getVector } from '../geometry/axis.ts';
import { addScaled, ORIGIN, type Vector } from '../geometry/vector.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import { getTightness } from '../joints/tightness.ts';
import { getOrThrow } from '../outcome/get-or-throw.ts';
import type { Length } from '../units/length.ts';
import { putOnTape } from '../units/tape.ts';
import type { Facts } from './fold-events.ts';
import { findPort, getAxisFrom, inferFitting, type Fitting } from './infer-fitting.ts';
import type { EndUnknown, LaidEnd, LaidLeg, LaidNode, Piece, RunLayout } from './layout.ts';
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
  const nodes = new Map<string, LaidNode>();
  const walk: Walk = { doc, legsByNode, measured, catalogue, nodes, legs: new Map() };
  const source = findSource(doc);
  if (source !== null && legsByNode.has(source)) walkFrom(walk, source);
  for (const id of legsByNode.keys()) if (!nodes.has(id)) walkFrom(walk, id);

  const getEnd = makeEndReader(catalogue, rules);
  const pieces = new Map<string, Piece>();
  for (const laid of walk.legs.values()) {
    const near = getEnd(laid.leg, getOrThrow(nodes, laid.near, 'node'), laid.nearEnd);
    const far = getEnd(laid.leg, getOrThrow(nodes, laid.far, 'node'), laid.farEnd);
    pieces.set(laid.piece, makePiece(laid, near, far, rules, facts));
  }
  return { doc, catalogue, rules, facts, nodes, legs: walk.legs, pieces };
}

/** The end of a piece by its id (`node:leg`); null when the layout has none of that id. */
export function findEnd(layout: RunLayout, id: string): LaidEnd | null {
  const laid = layout.legs.get(id.slice(id.indexOf(':') + 1));
  const piece = laid && layout.pieces.get(laid.piece);
  return piece?.ends.find((end) => end.id === id) ?? null;
}

/** All ends, piece by piece. */
export function* getEnds(layout: RunLayout): Generator<LaidEnd> {
  for (const piece of layout.pieces.values()) yield* piece.ends;
}

interface Walk {
  readonly doc: RunDoc;
  readonly legsByNode: ReadonlyMap<string, readonly Leg[]>;
  readonly measured: ReadonlyMap<string, MeasuredLeg>;
  readonly catalogue: Catalogue;
  readonly nodes: Map<string, LaidNode>;
  readonly legs: Map<string, LaidLeg>;
}

interface MeasuredLeg {
  readonly value: Length | null;
  readonly measures: readonly string[];
}

/** Leg id → its centre-to-centre. Two measures of one leg that differ leave it null: neither is taken. */
function readMeasures(
  doc: RunDoc,
  legsByNode: ReadonlyMap<string, readonly Leg[]>,
): Map<string, MeasuredLeg> {
  const measured = new Map<string, MeasuredLeg>();
  for (const { id, from, to, value } of Object.values(doc.measures)) {
    const between = legsByNode.get(from.node)?.find((leg) => leg.from === to.node || leg.to === to.node);
    if (!between) continue;
    const before = measured.get(between.id);
    const agreed = !before || before.value === value ? value : null;
    measured.set(between.id, { value: agreed, measures: before ? [...before.measures, id] : [id] });
  }
  return measured;
}

/** Walks a branch to its end before the next begins; a stack of its own, for runs of any length. */
function walkFrom(walk: Walk, start: string): void {
  const stack: { at: LaidNode; depth: number; next: number }[] = [];
  const visit = (node: string, position: Vector, depth: number) => {
    const ordered = putInletFirst(walk.legsByNode.get(node) ?? [], walk.legs);
    const laid = walk.doc.nodes[node];
    if (!laid) throw new Error(`no node with id ${node}`);
    const fitting = inferFitting(laid, ordered, walk.catalogue);
    const at: LaidNode = { id: node, node: laid, legs: ordered, fitting, position };
    walk.nodes.set(node, at);
    stack.push({ at, depth, next: 0 });
  };
  visit(start, ORIGIN, 0);
  while (stack.length > 0) {
    const top = stack.at(-1)!;
    const leg = top.at.legs[top.next++];
    if (!leg) {
      stack.pop();
      continue;
    }
    if (walk.legs.has(leg.id)) continue;
    const { at, depth } = top;
    const laid = layLeg(walk, leg, at.id, depth);
    const length = laid.centreToCentre ?? PLACED_WITHOUT_MEASURE;
    if (walk.nodes.has(laid.far)) continue;
    visit(laid.far, addScaled(at.position, getVector(getAxisFrom(leg, at.id)), length), depth + 1);
  }
}

/** The leg by which a node is reached comes first; the others keep the order of their ranks. */
function putInletFirst(legs: readonly Leg[], walked: ReadonlyMap<string, LaidLeg>): readonly Leg[] {
  const inlet = legs.findIndex((leg) => walked.has(leg.id));
  return inlet <= 0 ? legs : [legs[inlet]!, ...legs.slice(0, inlet), ...legs.slice(inlet + 1)];
}

function layLeg(walk: Walk, leg: Leg, near: string, depth: number): LaidLeg {
  const far = leg.from === near ? leg.to : leg.from;
  const measured = walk.measured.get(leg.id);
  const [fromEnd, toEnd] = [getEndId(leg.from, leg.id), getEndId(leg.to, leg.id)];
  const laid: LaidLeg = {
    id: leg.id,
    leg,
    near,
    far,
    depth,
    centreToCentre: measured?.value ?? null,
    measures: measured?.measures ?? [],
    nearEnd: leg.from === near ? fromEnd : toEnd,
    farEnd: leg.from === near ? toEnd : fromEnd,
    // Its ends as drawn, wherever the source may be.
    piece: `${fromEnd}~${toEnd}`,
  };
  walk.legs.set(leg.id, laid);
  return laid;
}

/** The id of the end of a leg at a node; where a part stands it names the joint. */
export const getEndId = (node: string, leg: string): string => `${node}:${leg}`;

/** Reads ends, working out each port of each part once: a part has one size, and so has every leg made up in it. */
function makeEndReader(
  catalogue: Catalogue,
  rules: HouseRules,
): (leg: Leg, at: LaidNode, id: string) => LaidEnd {
  const known = new Map<Port, WorkedEnd>();
  return (leg, at, id) => {
    const port = findPort(at.fitting, leg.id);
    let worked = port && known.get(port);
    if (!worked) {
      worked = workOutEnd(leg, at.fitting, port, catalogue, rules);
      if (port) known.set(port, worked);
    }
    const { thread, joint, takeOff, unknown } = worked;
    return { id, node: at.id, leg: leg.id, size: leg.size, thread, joint, takeOff, unknown };
  };
}

type WorkedEnd = Pick<LaidEnd, 'thread' | 'joint' | 'takeOff' | 'unknown'>;

function workOutEnd(
  leg: Leg,
  fitting: Fitting,
  port: Port | null,
  catalogue: Catalogue,
  rules: HouseRules,
): WorkedEnd {
  const thread = catalogue.findThread(leg.size);
  const without = (unknown: EndUnknown) => ({ thread, joint: null, takeOff: null, unknown });
  if (!thread) return without('size-not-carried');
  if (fitting.kind === 'none') return without('no-fitting');
  if (fitting.kind === 'open') return { thread, joint: null, takeOff: 0, unknown: null };
  const { part } = fitting;
  if (!port) throw new Error(`leg ${leg.id} meets no port of ${part.id}`);
  const reach = port.reach.standing === 'unknown' ? null : port.reach.length;
  const found = findEngagement(thread, rules['engagement-figure']);
  const engagement = found.ok ? found.value : null;
  const tightness = engagement === null ? null : getTightness(thread, engagement, thread.cutLength);
  const unknown =
    reach === null ? 'part-length-unknown' : engagement === null ? 'engagement-not-measured' : null;
  const takeOff = reach === null || engagement === null ? null : reach - engagement;
  return { thread, joint: { part, port, reach, engagement, tightness }, takeOff, unknown };
}

function makePiece(laid: LaidLeg, near: LaidEnd, far: LaidEnd, rules: HouseRules, facts: Facts): Piece {
  const { leg, centreToCentre, piece } = laid;
  return {
    id: piece,
    leg: leg.id,
    mark: String(leg.tag),
    size: leg.size,
    ends: [near, far],
    centreToCentre,
    cut: findCut(centreToCentre, near, far, rules),
    // Most runs have no facts yet; then the long id need not be looked up.
    asCut: facts.asCut.size > 0 ? (facts.asCut.get(piece) ?? null) : null,
  };
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
