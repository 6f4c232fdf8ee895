import { findEngagement } from '../allowances/find-engagement.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { findReach, type Part, type Port } from '../catalogue/part.ts';
import { getThreadFamily } from '../catalogue/pipe.ts';
import { makeTaperEnd } from '../catalogue/taper-end.ts';
import type { End } from '../ends/end.ts';
import { checkJoint } from '../joints/check-joint.ts';
import { judgeByHouse, type JudgedJoint } from '../joints/house-ruling.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import { getHouseWindow } from '../house-rules/how-tight.ts';
import { getEngagementAt, getTurns } from '../joints/clocking.ts';
import { getTightness } from '../joints/tightness.ts';
import { isEmpty } from './is-empty.ts';
import { findPort, type Fitting } from './fitting.ts';
import type { EndUnknown, LaidEnd } from './layout.ts';
import type { JointClocking, Leg, RunDoc } from './run.ts';

/** The id of the end of a leg at a station (a node, or an opening of a part in the leg); with a part it is a joint. */
export const getEndId = (station: string, leg: string): string => `${station}:${leg}`;

/** What is worked out of a port once, for every leg made up in it. */
export type WorkedEnd = Pick<LaidEnd, 'thread' | 'joint' | 'takeOff' | 'unknown'>;

export interface EndReader {
  /** The end of a leg at a node. */
  readAtNode(leg: Leg, node: string, fitting: Fitting): LaidEnd;
  /** The end of a piece of a leg at a port of a part that stands in the leg; `station` names the opening. */
  readInLeg(leg: Leg, station: string, part: Part | null, port: Port | null): LaidEnd;
  /** Take-off, engagement and tightness of what is made up in a port of the part at a station. */
  workOut(leg: Leg, part: Part, port: Port, station: string): WorkedEnd;
}

/**
 * Reads ends, working out each port of each part once: a port has one size, and so has every leg made up in it. A joint that
 * is clocked goes in as far as its fitting's turning takes it.
 */
export function makeEndReader(
  catalogue: Catalogue,
  rules: HouseRules,
  clockings: RunDoc['clockings'],
): EndReader {
  const clocked = isEmpty(clockings)
    ? null
    : new Map(Object.values(clockings).map((each) => [getEndId(each.station, each.leg), each]));
  const known = new Map<Port, WorkedEnd>();
  const workOut = (leg: Leg, part: Part, port: Port, station: string): WorkedEnd => {
    const clocking = clocked?.get(getEndId(station, leg.id));
    if (clocking) return workOutPort(leg, part, port, catalogue, rules, clocking);
    const before = known.get(port);
    if (before) return before;
    const worked = workOutPort(leg, part, port, catalogue, rules, null);
    known.set(port, worked);
    return worked;
  };
  const withoutPart = (leg: Leg, unknown: EndUnknown | null): WorkedEnd => {
    const thread = catalogue.findThread(leg.size, getThreadFamily(leg.material));
    if (!thread) return { thread, joint: null, takeOff: null, unknown: 'size-not-carried' };
    return { thread, joint: null, takeOff: unknown ? null : 0, unknown };
  };
  return {
    workOut,
    readAtNode: (leg, node, fitting) => {
      if (fitting.kind !== 'part')
        return new EndOfLeg(node, leg, withoutPart(leg, fitting.kind === 'open' ? null : 'no-fitting'));
      const port = findPort(fitting, leg.id);
      if (!port) throw new Error(`leg ${leg.id} meets no port of ${fitting.part.id}`);
      return new EndOfLeg(node, leg, workOut(leg, fitting.part, port, node));
    },
    readInLeg: (leg, station, part, port) =>
      new EndOfLeg(
        station,
        leg,
        part && port ? workOut(leg, part, port, station) : withoutPart(leg, 'no-fitting'),
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

/** What becomes of two ends, by the one judge of pairs, with the house's ruling beside it. */
export function judgeEnds(a: End, b: End, { ends }: Catalogue, rules: HouseRules): JudgedJoint {
  const pair = [ends.figure(a), ends.figure(b)] as const;
  return judgeByHouse(checkJoint(...pair), pair, rules);
}

function workOutPort(
  leg: Leg,
  part: Part,
  port: Port,
  catalogue: Catalogue,
  rules: HouseRules,
  clocking: JointClocking | null,
): WorkedEnd {
  const system = getThreadFamily(leg.material);
  const thread = catalogue.findThread(leg.size, system);
  if (!thread) return { thread, joint: null, takeOff: null, unknown: 'size-not-carried' };
  const reach = findReach(port);
  const found = findEngagement(thread, rules['engagement-figure']);
  const engagement = clocking ? getEngagementAt(thread, getTurns(clocking)) : found.ok ? found.value : null;
  const window = getHouseWindow(rules['how-tight'], thread, thread.cutToScratch);
  const tightness =
    engagement === null ? null : getTightness(thread, engagement, thread.cutToScratch, window);
  const unknown =
    reach === null ? 'part-length-unknown' : engagement === null ? 'engagement-not-measured' : null;
  const takeOff = reach === null || engagement === null ? null : reach - engagement;
  const verdict = judgeEnds(makeTaperEnd(system, leg.size, 'male'), port.end, catalogue, rules);
  return { thread, joint: { part, port, reach, engagement, tightness, verdict }, takeOff, unknown };
}
