import type { Catalogue, Part, Port } from '#core/catalogue';
import type { HouseRules } from '#core/house-rules';
import { type EndUnknown, type WorkedEnd, areAlike, getCraft } from '#core/materials';
import { workOutChain, type Chains, type Link, findLink, findPort, type Fitting } from '#core/runs/fittings';
import { isEmpty, type Leg, type RunDoc } from '#core/runs/document';
import type { LaidEnd } from './laid-end.ts';

/** The id of the end of a leg at a station (a node, or an opening of a part in the leg); with a part it is a joint. */
export const getEndId = (station: string, leg: string): string => `${station}:${leg}`;

export interface EndReader {
  /** The end of a leg at a node. */
  readAtNode(leg: Leg, node: string, fitting: Fitting): LaidEnd;
  /** The end of a piece of a leg at a port of a part that stands in the leg; `station` names the opening. */
  readInLeg(leg: Leg, station: string, part: Part | null, port: Port | null): LaidEnd;
  /** Take-off, engagement and tightness of what is made up in a port of the part at a station. */
  workOut(leg: Leg, part: Part, port: Port, station: string, link: Link | null): WorkedEnd;
}

/** What was worked out of an opening, for all that is alike and made up in it behind the same adapter. */
interface Known {
  readonly leg: Leg;
  readonly adapter: Part | null;
  readonly worked: WorkedEnd;
}

/**
 * Reads ends, working out each port of each part once for all legs that are alike. A joint that is clocked goes in as far as its fitting's
 * turning takes it.
 */
export function makeEndReader(
  catalogue: Catalogue,
  rules: HouseRules,
  clockings: RunDoc['clockings'],
  chains: Chains,
): EndReader {
  const clocked = isEmpty(clockings)
    ? null
    : new Map(Object.values(clockings).map((each) => [getEndId(each.station, each.leg), each]));
  const knownOf = new Map<Port, Known[]>();
  const workOut: EndReader['workOut'] = (leg, part, port, station, link) => {
    const chain = chains.at.size === 0 ? undefined : chains.at.get(getEndId(station, leg.id));
    if (chain) return workOutChain(chain, port, catalogue, rules);
    const clocking = clocked?.get(getEndId(station, leg.id));
    const craft = getCraft(leg);
    if (clocking && !link) return craft.workOut(leg, part, port, catalogue, rules, clocking);
    const known = knownOf.get(port) ?? [];
    if (known.length === 0) knownOf.set(port, known);
    const adapter = link?.part ?? null;
    for (const each of known) if (each.adapter === adapter && areAlike(each.leg, leg)) return each.worked;
    const worked = link
      ? workOutChain({ leg, links: [link] }, port, catalogue, rules)
      : craft.workOut(leg, part, port, catalogue, rules, null);
    known.push({ leg, adapter, worked });
    return worked;
  };
  const withoutPart = (leg: Leg, unknown: EndUnknown | null): WorkedEnd =>
    getCraft(leg).workOutBare(leg, unknown, catalogue);
  return {
    workOut,
    readAtNode: (leg, node, fitting) => {
      if (fitting.kind !== 'part')
        return new EndOfLeg(node, leg, withoutPart(leg, fitting.kind === 'none' ? 'no-fitting' : null));
      const port = findPort(fitting, leg.id);
      if (!port) throw new Error(`leg ${leg.id} meets no port of ${fitting.part.id}`);
      return new EndOfLeg(node, leg, workOut(leg, fitting.part, port, node, findLink(fitting, leg.id)));
    },
    readInLeg: (leg, station, part, port) =>
      new EndOfLeg(
        station,
        leg,
        part && port ? workOut(leg, part, port, station, null) : withoutPart(leg, 'no-fitting'),
      ),
  };
}

/**
 * Thousands of ends share the few worked out: an end keeps its place only, and its long id is built when asked.
 * Fields are declared only: set once by the constructor, they cost no second write.
 */
class EndOfLeg implements LaidEnd {
  declare readonly station: string;
  declare private readonly of: Leg;
  declare private readonly worked: WorkedEnd;

  constructor(station: string, leg: Leg, worked: WorkedEnd) {
    this.station = station;
    this.of = leg;
    this.worked = worked;
  }

  get id() {
    return getEndId(this.station, this.of.id);
  }
  get leg() {
    return this.of.id;
  }
  get size() {
    return this.of.size;
  }
  get thread() {
    return this.worked.thread;
  }
  get joint() {
    return this.worked.joint;
  }
  get takeOff() {
    return this.worked.takeOff;
  }
  get unknown() {
    return this.worked.unknown;
  }
}
