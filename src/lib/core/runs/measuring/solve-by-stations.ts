import {
  getLegs,
  getLegVector,
  findLegOfPart,
  findStraightLine,
  type Leg,
  type Measure,
  type Ref,
} from '#core/runs/document';
import {
  type Axis,
  getVector,
  dot,
  negate,
  type Vector,
  DIAGONALS,
  getOppositeWay,
  isAxis,
  type Diagonal,
} from '#core/geometry';
import type { Length } from '#core/units';
import { findRefOffset } from './read-ref.ts';
import type { SolveContext } from './solve-context.ts';
import type { Contradiction, LengthStep, UnreadReason } from './solved-lengths.ts';
import { StationGraph, type TiedBy } from './station-graph.ts';

/** What stands at a node or in a leg. */

export interface StationSolution {
  readonly lengths: ReadonlyMap<string, Length>;
  readonly steps: ReadonlyMap<string, () => readonly LengthStep[]>;
  readonly places: ReadonlyMap<string, Length>;
  readonly contradictions: readonly Contradiction[];
  /** Legs whose plain measure is contradicted: it is not used. */
  readonly contested: ReadonlySet<string>;
  readonly unread: ReadonlyMap<string, UnreadReason>;
  readonly reversed: ReadonlyMap<string, Length>;
}

/** A measure as a distance between centres along a way. */
interface ReadMeasure {
  readonly measure: Measure;
  readonly way: Vector;
  /** The legs of the straight line it lies on; null for one taken along a square way across others. */
  readonly legs: readonly Leg[] | null;
  readonly distance: Length;
}

/**
 * Solves the measures that are not simply the centre-to-centre of one leg: face-to-face, from a wall, running dimensions
 * from one datum, overall dimensions, parts in a leg. Each station has a coordinate on every way it lies on; known
 * distances tie coordinates together (StationGraph), and what they leave no freedom is a leg's length.
 */
export function solveByStations(
  context: SolveContext,
  plain: ReadonlyMap<string, Measure>,
  known: ReadonlyMap<string, Length>,
  others: readonly Measure[],
): StationSolution {
  const unread = new Map<string, UnreadReason>();
  const read = others.flatMap((measure) => {
    const found = readMeasure(context, measure);
    if (typeof found !== 'string') return [found];
    unread.set(measure.id, found);
    return [];
  });
  const legs = findLegsConcerned(context, read);
  const first = tie(legs, plain, known, read);
  if (first.contradictions.length === 0) return { ...readOff(legs, known, first.graph), ...first, unread };
  // What is contradicted is used nowhere: tie the rest again without it.
  const wrong = new Set(first.contradictions.flatMap(({ measure, against }) => [measure, ...against]));
  const contested = new Set([...plain].flatMap(([leg, { id }]) => (wrong.has(id) ? [leg] : [])));
  const rest = new Map([...known].filter(([leg]) => !contested.has(leg)));
  const second = tie(
    legs,
    plain,
    rest,
    read.filter(({ measure }) => !wrong.has(measure.id)),
  );
  return {
    ...readOff(legs, rest, second.graph),
    contradictions: first.contradictions,
    contested,
    unread,
  };
}

/** Turns both references of a measure into centres. */
function readMeasure(context: SolveContext, measure: Measure): ReadMeasure | UnreadReason {
  const line = findStraightLine(context.doc, context.legsByNode, measure.from, measure.to);
  const way = measure.along ? getVector(measure.along) : line?.way;
  if (!way) return 'not-in-line';
  const before = findOffset(context, measure.from, way);
  const after = findOffset(context, measure.to, negate(way));
  if (before === null || after === null) return 'point-unknown';
  const legs = measure.along ? null : (line?.legs ?? null);
  return { measure, way, legs, distance: measure.value + before + after };
}

/** What a reference adds to a measure to reach the centre it belongs to, nm; `way` looks toward the measure's other end. */
function findOffset({ getStation, ends }: SolveContext, ref: Ref, way: Vector): Length | null {
  if (ref.at === 'centre') return 0;
  const station = getStation(ref.kind, ref.id);
  return station && findRefOffset(ref, station, way, ends);
}

/** The amounts by which a measure's two references add to what was read: explanations show them. */
export function readAdditions(
  context: SolveContext,
  measure: Measure,
): { readonly from: Length; readonly to: Length } | null {
  const found = readMeasure(context, measure);
  if (typeof found === 'string') return null;
  const from = findOffset(context, measure.from, found.way);
  const to = findOffset(context, measure.to, negate(found.way));
  return from === null || to === null ? null : { from, to };
}

/** A measure across the run may concern any leg; one along a straight line only those of the line. */
function findLegsConcerned({ doc }: SolveContext, read: readonly ReadMeasure[]): readonly Leg[] {
  const all = [...getLegs(doc).values()].sort((a, b) => (a.id < b.id ? -1 : 1));
  if (read.some(({ legs }) => legs === null)) return all;
  const concerned = new Set(read.flatMap(({ legs }) => legs ?? []));
  for (const { measure } of read) {
    for (const ref of [measure.from, measure.to]) {
      const leg = ref.kind === 'inline' ? findLegOfPart(doc, ref.id) : null;
      if (leg) concerned.add(leg);
    }
  }
  return [...concerned];
}

const SQUARE: readonly { readonly name: string; readonly axis: Axis }[] = [
  { name: 'x', axis: 'right' },
  { name: 'y', axis: 'back' },
  { name: 'z', axis: 'up' },
];
const at = (line: string, station: string): string => `${line} ${station}`;

/** The line of coordinates a leg lies on, and whether its own way runs with it (1) or against it (−1). */
function getOwnLine(leg: Leg): { readonly name: string; readonly sign: 1 | -1 } {
  if (leg.geometry.kind === 'offset') return { name: leg.id, sign: 1 };
  return getLineOfWay(getLegVector(leg));
}

/** The line along a way with a name: x, y, z, or one of the six diagonal ones. */
function getLineOfWay(way: Vector): { readonly name: string; readonly sign: 1 | -1 } {
  for (const { name, axis } of SQUARE) {
    const along = dot(way, getVector(axis));
    if (Math.abs(along) > 1 - 1e-6) return { name, sign: along > 0 ? 1 : -1 };
  }
  const diagonal = findDiagonalOf(way);
  const opposite = getOppositeWay(diagonal) as Diagonal;
  const forward = DIAGONALS.indexOf(diagonal) < DIAGONALS.indexOf(opposite);
  return forward ? { name: diagonal, sign: 1 } : { name: opposite, sign: -1 };
}

function findDiagonalOf(way: Vector): Diagonal {
  const sides = SQUARE.flatMap(({ axis }) => {
    const along = dot(way, getVector(axis));
    if (Math.abs(along) < 0.1) return [];
    return [along > 0 ? axis : getOppositeWay(axis)];
  });
  return DIAGONALS.find((each) => sides.every((side) => each.split('-').includes(side)))!;
}

/** Ties stations by every distance that is known; names the measures that contradict what was tied before them. */
function tie(
  legs: readonly Leg[],
  plain: ReadonlyMap<string, Measure>,
  known: ReadonlyMap<string, Length>,
  read: readonly ReadMeasure[],
): { graph: StationGraph; contradictions: Contradiction[]; contested: ReadonlySet<string> } {
  const graph = new StationGraph();
  for (const leg of legs) tieLeg(graph, leg, known.get(leg.id) ?? null, plain.get(leg.id)?.id ?? null);
  const contradictions: Contradiction[] = [];
  for (const { measure, way, legs: line, distance } of read) {
    const offset = line?.find(({ geometry }) => geometry.kind === 'offset');
    const { name, sign } = offset
      ? { name: offset.id, sign: dot(getLegVector(offset), way) > 0 ? 1 : -1 }
      : getLineOfWay(way);
    const [from, to] = [at(name, measure.from.id), at(name, measure.to.id)];
    const cause: TiedBy = { kind: 'measure', id: measure.id };
    const off = graph.add({ from, to, distance: distance * sign, cause });
    if (off === 0) continue;
    const against = graph
      .trace(from, to)
      .flatMap(({ span }) => (span.cause.kind === 'measure' ? [span.cause.id] : []));
    contradictions.push({ measure: measure.id, against, by: Math.round(off * sign), leg: null });
  }
  return { graph, contradictions, contested: new Set() };
}

function tieLeg(graph: StationGraph, leg: Leg, length: Length | null, measure: string | null): void {
  // What is flexible ties nothing: it goes round corners.
  if (leg.geometry.kind === 'connector' || leg.geometry.kind === 'route') return;
  const cause: TiedBy =
    measure && leg.geometry.kind === 'axis' ? { kind: 'measure', id: measure } : { kind: 'leg', id: leg.id };
  const way = getLegVector(leg);
  for (const { name, axis } of SQUARE) {
    const share = dot(way, getVector(axis));
    const [from, to] = [at(name, leg.from), at(name, leg.to)];
    if (Math.abs(share) < 1e-9) graph.add({ from, to, distance: 0, cause: { kind: 'square' } });
    else if (length !== null) graph.add({ from, to, distance: length * share, cause });
  }
  const own = getOwnLine(leg);
  const isSquare = leg.geometry.kind !== 'offset' && isAxis(leg.geometry.axis);
  if (length !== null && !isSquare) {
    graph.add({ from: at(own.name, leg.from), to: at(own.name, leg.to), distance: length * own.sign, cause });
  }
}

type ReadOff = Pick<StationSolution, 'lengths' | 'steps' | 'places' | 'reversed'>;

/** Reads the lengths that are determined off the tied stations; a length found may determine others in its turn. */
function readOff(legs: readonly Leg[], known: ReadonlyMap<string, Length>, graph: StationGraph): ReadOff {
  const lengths = new Map<string, Length>();
  const steps = new Map<string, () => readonly LengthStep[]>();
  const reversed = new Map<string, Length>();
  const missing = new Set(legs.filter(({ id }) => !known.has(id)));
  for (let found = true; found;) {
    found = false;
    for (const leg of missing) {
      const line = findDeterminingLine(leg, graph);
      if (!line) continue;
      missing.delete(leg);
      found = true;
      const length = Math.round(line.distance);
      if (length <= 0) {
        reversed.set(leg.id, -length);
        continue;
      }
      lengths.set(leg.id, length);
      steps.set(leg.id, () => traceLength(leg, line.name, graph, lengths));
      tieLeg(graph, leg, length, null);
    }
  }
  return { lengths, steps, reversed, places: readPlaces(legs, graph) };
}

/** A line on which the distance between a leg's ends is known, and the length of the leg that follows. */
function findDeterminingLine(leg: Leg, graph: StationGraph): { name: string; distance: number } | null {
  const own = getOwnLine(leg);
  const along = graph.findDistance(at(own.name, leg.from), at(own.name, leg.to));
  if (along !== null) return { name: own.name, distance: along * own.sign };
  if (leg.geometry.kind === 'offset') return null;
  const way = getLegVector(leg);
  for (const { name, axis } of SQUARE) {
    const share = dot(way, getVector(axis));
    if (Math.abs(share) < 1e-9) continue;
    const across = graph.findDistance(at(name, leg.from), at(name, leg.to));
    if (across !== null) return { name, distance: across / share };
  }
  return null;
}

const getShare = (leg: Leg, line: string): number => {
  const axis = SQUARE.find(({ name }) => name === line)?.axis;
  return axis ? dot(getLegVector(leg), getVector(axis)) : 1;
};

/** By what was measured where that leads there; otherwise over other lengths that were worked out. */
function traceLength(
  leg: Leg,
  line: string,
  graph: StationGraph,
  workedOut: ReadonlyMap<string, Length>,
): LengthStep[] {
  const own = getOwnLine(leg);
  // What was measured along a square way is shown as far as it reaches along the slanting leg.
  const turn = own.name === line ? own.sign : 1 / getShare(leg, line);
  const ends = [at(line, leg.from), at(line, leg.to)] as const;
  const measured = graph.trace(...ends, ({ cause }) => cause.kind !== 'leg' || !workedOut.has(cause.id));
  const path =
    measured.length > 0
      ? measured
      : graph.trace(...ends, ({ cause }) => cause.kind !== 'leg' || cause.id !== leg.id);
  return path.flatMap(({ span, sign }): LengthStep[] => {
    if (span.cause.kind === 'square') return [];
    const signed = span.distance * sign * turn;
    return [
      {
        measure: span.cause.kind === 'measure' ? span.cause.id : null,
        leg: span.cause.kind === 'leg' ? span.cause.id : null,
        sign: signed < 0 ? -1 : 1,
        distance: Math.round(Math.abs(signed)),
      },
    ];
  });
}

function readPlaces(legs: readonly Leg[], graph: StationGraph): Map<string, Length> {
  const places = new Map<string, Length>();
  for (const leg of legs) {
    const own = getOwnLine(leg);
    for (const part of Object.keys(leg.inline)) {
      const place = graph.findDistance(at(own.name, leg.from), at(own.name, part));
      if (place !== null) places.set(part, Math.round(place * own.sign));
    }
  }
  return places;
}
