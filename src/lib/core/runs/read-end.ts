import { findEngagement } from '../allowances/find-engagement.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Port } from '../catalogue/part.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import { getTightness } from '../joints/tightness.ts';
import { findPort, type Fitting } from './infer-fitting.ts';
import type { EndUnknown, LaidEnd, LaidNode } from './layout.ts';
import type { Leg } from './run.ts';

/** The id of the end of a leg at a node; where a part stands it names the joint. */
export const getEndId = (node: string, leg: string): string => `${node}:${leg}`;

/** Reads ends, working out each port of each part once: a port has one size, and so has every leg made up in it. */
export function makeEndReader(catalogue: Catalogue, rules: HouseRules): (leg: Leg, at: LaidNode) => LaidEnd {
  const known = new Map<Port, WorkedEnd>();
  return (leg, at) => {
    const port = findPort(at.fitting, leg.id);
    let worked = port && known.get(port);
    if (!worked) {
      worked = workOutEnd(leg, at.fitting, port, catalogue, rules);
      if (port) known.set(port, worked);
    }
    return new EndOfLeg(at.id, leg, worked);
  };
}

type WorkedEnd = Pick<LaidEnd, 'thread' | 'joint' | 'takeOff' | 'unknown'>;

/**
 * Thousands of ends share the few worked out: an end keeps its place only, and its long id is built when asked.
 * Fields are declared only: set once by the constructor, they cost no second write.
 */
class EndOfLeg implements LaidEnd {
  declare readonly node: string;
  declare private readonly of: Leg;
  declare private readonly worked: WorkedEnd;

  constructor(node: string, leg: Leg, worked: WorkedEnd) {
    this.node = node;
    this.of = leg;
    this.worked = worked;
  }

  get id() {
    return getEndId(this.node, this.of.id);
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
