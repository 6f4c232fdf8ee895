import { findReach } from '#core/catalogue';
import { getContraction, getTemperatures } from '#core/house-rules';
import { getCraft } from '#core/materials';
import { getLegVector } from '#core/runs/document';
import type { LaidLeg, LaidNode } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { type Length, onTapeOf, roundInches } from '#core/units';

/** What stands where pipe in the ground begins, ends or is joined. */
export type TrenchMark = 'riser' | 'transition' | 'fitting' | 'bend' | 'cap' | 'open';

/** A node of a trench; lengths in nm. */
export interface TrenchPoint {
  readonly laid: LaidNode;
  readonly mark: TrenchMark;
  /** Ground over the pipe; null while nobody said it. */
  readonly cover: Length | null;
  /** From the beginning of the trench, along it; null from the first leg on that was not measured. */
  readonly along: Length | null;
  /** On the ground, from the beginning: to the east, to the north. Null as `along`. */
  readonly onPlan: { readonly east: Length; readonly north: Length } | null;
  /** Of a riser; null elsewhere. */
  readonly riser: Riser | null;
}

export interface Riser {
  /** How deep it may be buried, as printed on it; null where that was not read. */
  readonly bury: Length | null;
  /** What the cover and the pipe's outside come to: this may not be over `bury`. */
  readonly buried: Length | null;
  /** How far its head stands above the ground, where the riser was measured: from its tube's centre line to its thread's end. */
  readonly head: Length | null;
}

export interface TrenchLeg {
  readonly laid: LaidLeg;
  /** Degrees clockwise from north: as said, or as the line is drawn (back is north). */
  readonly bearing: number;
  readonly isBearingSaid: boolean;
  /** How much deeper its end lies than its beginning, the ground being level; null while a cover is not known. */
  readonly fall: Length | null;
}

/**
 * Pipe in the ground from where it begins to where it ends or branches. One more point than legs; in walking order.
 */
export interface Trench {
  readonly points: readonly TrenchPoint[];
  readonly legs: readonly TrenchLeg[];
  readonly outside: Length | null;
  /** Null while a leg is not measured. */
  readonly length: Length | null;
  /** How much shorter the pipe will grow, and is laid longer: as `from` degrees Fahrenheit becomes `to`. */
  readonly slack: Length | null;
  readonly temperatures: { readonly laying: number; readonly coldest: number };
  /** Wire along the pipe and up each riser, and tape over it; null while the trench has no length, or the house lays none. */
  readonly wire: Length | null;
  readonly tape: Length | null;
}

/** How much wire stands out of the ground at a riser, so that a locator can be clipped on. Ours. */
export const WIRE_TAIL = roundInches(12);

/** Whether a leg lies in the ground because of what it is made of. */
export const isInTrench = ({ leg }: LaidLeg): boolean => getCraft(leg).isForGround;

/** The trenches of a run, in walking order. */
export function listTrenches(layout: RunLayout): readonly Trench[] {
  const done = new Set<string>();
  const trenches: Trench[] = [];
  for (const laid of layout.legs.values()) {
    if (done.has(laid.id) || !isInTrench(laid)) continue;
    const legs = [laid];
    for (let last = laid; ;) {
      done.add(last.id);
      const met = layout.nodes.get(last.far)!.legs;
      const next = met.length === 2 ? layout.legs.get(met.find(({ id }) => id !== last.id)!.id) : undefined;
      if (!next || next.near !== last.far || done.has(next.id) || !isInTrench(next)) break;
      legs.push(next);
      last = next;
    }
    trenches.push(makeTrench(layout, legs));
  }
  return trenches;
}

function makeTrench(layout: RunLayout, legs: readonly LaidLeg[]): Trench {
  const { doc, rules } = layout;
  const points: TrenchPoint[] = [];
  const trenchLegs: TrenchLeg[] = [];
  let along: Length | null = 0;
  let [east, north] = [0, 0];
  points.push(makePoint(layout, legs[0]!.near, legs[0]!, along, { east, north }));
  for (const laid of legs) {
    const said = doc.bearings[laid.id]?.degrees;
    const bearing = said ?? findDrawnBearing(laid);
    const length: Length | null = laid.centreToCentre;
    along = along === null || length === null ? null : along + length;
    if (along !== null && length !== null) {
      east += length * Math.sin((bearing * Math.PI) / 180);
      north += length * Math.cos((bearing * Math.PI) / 180);
    }
    const point = makePoint(layout, laid.far, laid, along, along === null ? null : { east, north });
    const before = points.at(-1)!.cover;
    const fall = before === null || point.cover === null ? null : point.cover - before;
    trenchLegs.push({ laid, bearing, isBearingSaid: said !== undefined, fall });
    points.push(point);
  }
  const temperatures = getTemperatures(rules.contraction);
  const { option } = rules.tracer;
  const tail = onTapeOf(rules, WIRE_TAIL);
  const rising = points.reduce((sum, { riser, cover }) => sum + (riser ? (cover ?? 0) + tail : 0), 0);
  return {
    points,
    legs: trenchLegs,
    outside: getCraft(legs[0]!.leg).findOutside(legs[0]!.leg, layout.catalogue),
    length: along,
    slack: along === null ? null : getContraction(along, temperatures),
    temperatures,
    wire: along === null || option === 'tape' ? null : along + rising,
    tape: along === null || option === 'wire' ? null : along,
  };
}

/** The way the line is drawn, as if its back were north. */
function findDrawnBearing({ leg, near }: LaidLeg): number {
  const { x, y } = getLegVector(leg);
  const sign = leg.from === near ? 1 : -1;
  const degrees = (Math.atan2(sign * x, sign * y) * 180) / Math.PI;
  return Math.round(degrees + 360) % 360;
}

function makePoint(
  layout: RunLayout,
  id: string,
  along: LaidLeg,
  distance: Length | null,
  onPlan: TrenchPoint['onPlan'],
): TrenchPoint {
  const laid = layout.nodes.get(id)!;
  const cover = layout.doc.covers[id]?.cover ?? null;
  const mark = findMark(laid);
  const riser = mark === 'riser' ? readRiser(layout, laid, along, cover) : null;
  return { laid, mark, cover, along: distance, onPlan, riser };
}

function findMark({ fitting, legs }: LaidNode): TrenchMark {
  if (fitting.kind === 'bend') return 'bend';
  if (fitting.kind !== 'part') return 'open';
  if (fitting.part.kind === 'riser' || fitting.part.kind === 'cap') return fitting.part.kind;
  return legs.every((leg) => getCraft(leg).isForGround) && !fitting.adapters ? 'fitting' : 'transition';
}

function readRiser(
  layout: RunLayout,
  { id, fitting }: LaidNode,
  { leg }: LaidLeg,
  cover: Length | null,
): Riser {
  const outside = getCraft(leg).findOutside(leg, layout.catalogue);
  const port = fitting.kind === 'part' ? fitting.part.ports.find((each) => each.id === 'thread') : undefined;
  const reach = port ? findReach(port) : null;
  const known = cover !== null && outside !== null;
  return {
    bury: layout.doc.prints[id]?.bury ?? null,
    buried: known ? cover + outside : null,
    head: known && reach !== null ? reach - cover - Math.round(outside / 2) : null,
  };
}
