import { type Catalogue, findReach, type Part, type Port } from '#core/catalogue';
import { getCraft } from '#core/materials';
import { dot, negate, type Vector } from '#core/geometry';
import type { Length } from '#core/units';
import { type Link, findLink, findPort, type Fitting } from '#core/runs/fittings';
import { getLegVector, getVectorFrom, isSameWay, type Leg, type Ref } from '#core/runs/document';
import type { EndReader } from './read-end.ts';

/** An opening of what stands at a station, the unit vector it looks along, and the leg made up in it, behind its adapter where one stands. */
export interface StationOpening {
  readonly part: Part;
  readonly port: Port;
  readonly way: Vector;
  readonly leg: Leg;
  readonly link: Link | null;
}

/** What stands at a station, as a measure meets it. */
export interface StationParts {
  readonly openings: readonly StationOpening[];
  /** Outside diameter over the band, nm; null where it is not listed. */
  readonly outside: Length | null;
  /** A bare pipe end: every reference to it is its end. */
  readonly isBare: boolean;
}

/** The openings of what stands at a node, as measures meet them. */
export const listOpenings = (node: string, fitting: Fitting, catalogue: Catalogue): StationParts =>
  fitting.kind === 'bend'
    ? {
        openings: [],
        outside: getCraft(fitting.legs[0]).findOutside(fitting.legs[0], catalogue),
        isBare: false,
      }
    : fitting.kind !== 'part'
      ? { openings: [], outside: null, isBare: fitting.kind === 'open' }
      : {
          openings: fitting.legs.flatMap((leg) => {
            const port = findPort(fitting, leg.id);
            const link = findLink(fitting, leg.id);
            return port ? [{ part: fitting.part, port, way: getVectorFrom(leg, node), leg, link }] : [];
          }),
          outside: fitting.part.outside,
          isBare: false,
        };

/** A part in the pipe of a leg looks both ways along it. */
export const listInlineOpenings = (leg: Leg, part: Part | null): StationParts => ({
  openings: part
    ? part.ports.map((port, i) => ({
        part,
        port,
        way: i === 0 ? negate(getLegVector(leg)) : getLegVector(leg),
        leg,
        link: null,
      }))
    : [],
  outside: part?.outside ?? null,
  isBare: false,
});

/**
 * How far (nm) the point a measure was taken from or to lies from the part's centre, along `way` (the unit vector toward
 * the other end of the measure). Null where the part has no such point or its length is not known.
 *
 *      wall   back      centre      face
 *       |      |           +----------|===== toward the other end
 *       |<gap >|<- behind ->|<- reach ->|
 */
export function findRefOffset(ref: Ref, parts: StationParts, way: Vector, ends: EndReader): Length | null {
  if (ref.at === 'centre') return 0;
  const ahead = parts.openings.find((opening) => isSameWay(opening.way, way));
  if (ref.at === 'end') {
    if (parts.isBare) return 0;
    return ahead
      ? ends.workOut(ahead.leg, ahead.part, ahead.port, getStation(ref, ahead), ahead.link).takeOff
      : null;
  }
  if (ref.at === 'face') return parts.isBare ? 0 : ahead ? findReach(ahead.port) : null;
  const behind = parts.isBare ? 0 : findBack(parts, way);
  if (behind === null) return null;
  return ref.at === 'back' ? -behind : -(behind + ref.gap);
}

/** The station of an end as its id has it: the node, or the opening of a part in a leg. */
const getStation = ({ kind, id }: Ref, { port }: StationOpening): string =>
  kind === 'node' ? id : `${id}.${port.id}`;

/** From the centre to the outside on the far side: the opening there, or half the diameter over the band. */
function findBack({ openings, outside }: StationParts, way: Vector): Length | null {
  const opposite = openings.find((opening) => dot(opening.way, way) < -1 + 1e-6);
  if (opposite) return findReach(opposite.port);
  // A cap, plug or inlet has its origin at its closed end: nothing of it lies behind.
  if (openings.length === 1) return 0;
  return outside === null ? null : Math.round(outside / 2);
}
