import { type Catalogue, findDepth, findReach, type Part, type Port } from '#core/catalogue';
import { goesIn, type End } from '#core/ends';
import type { HouseRules } from '#core/house-rules';
import { joinEnds } from '#core/joints';
import { type WorkedEnd, getCraft, readSettings } from '#core/materials';
import type { Length } from '#core/units';
import {
  isEmpty,
  getLegs,
  getLegsByNode,
  getVectorFrom,
  isMaleAt,
  type Leg,
  type Pick,
  type RunDoc,
} from '#core/runs/document';
import { dot } from '#core/geometry';
import { isSameJson, type Json } from '#core/outcome';

/** A part of a chain, with its opening toward the station and the one toward the leg. */
export interface Link {
  readonly id: string;
  readonly part: Part;
  readonly inner: Port;
  readonly outer: Port;
}

/** Parts as they stand between a station and the end of a leg. */
export interface Standing {
  readonly leg: Leg;
  /** From the station outward; at least one. */
  readonly links: readonly [Link, ...Link[]];
}

/** A transition that was chosen. */
export interface LaidChain extends Standing {
  readonly pick: Pick;
}

/** The first part of a chain where nothing else stands: two legs that go straight on are made up in it, the one it was chosen for beyond the rest. */
export interface StandsAt {
  readonly pick: Pick;
  readonly link: Link;
  /** The leg made up in its inner opening, and the one in its outer. */
  readonly legs: readonly [string, string];
}

export interface Chains {
  /** End of a leg at a station (`station:leg`) → the chain between them. */
  readonly at: ReadonlyMap<string, LaidChain>;
  /** Node → what of a chain stands at it, between two legs that no fitting of their own joins. */
  readonly standing: ReadonlyMap<string, StandsAt>;
  /** Chosen, and impossible: a part that is not carried, two that do not go together, a place that is gone. They stand nowhere. */
  readonly unfit: readonly Pick[];
}

export const NO_CHAINS: Chains = { at: new Map(), standing: new Map(), unfit: [] };

/** Reads the transitions that were chosen. Nothing is searched: whether each fits is all that is asked. */
export function readChains(doc: RunDoc, catalogue: Catalogue): Chains {
  if (isEmpty(doc.picks)) return NO_CHAINS;
  const at = new Map<string, LaidChain>();
  const standing = new Map<string, StandsAt>();
  const unfit: Pick[] = [];
  for (const pick of Object.values(doc.picks)) {
    const read = readPick(pick, doc, catalogue);
    if (!read) {
      unfit.push(pick);
      continue;
    }
    const { leg, stands, links } = read;
    if (stands) standing.set(pick.station, stands);
    const [first, ...rest] = links;
    if (first) at.set(`${pick.station}:${pick.leg}`, { pick, leg, links: [first, ...rest] });
  }
  return { at, standing, unfit };
}

/** The transitions of a document, as they were of the one before where each stands as it stood, at a leg that did not change. */
export function readChainsAgain(doc: RunDoc, catalogue: Catalogue, before: Chains): Chains {
  const chains = readChains(doc, catalogue);
  const isSame =
    isSameRow(before.unfit, chains.unfit, (a, b) => a === b) &&
    isSameRow([...before.at], [...chains.at], ([a, one], [b, other]) => a === b && isSameChain(one, other)) &&
    isSameRow(
      [...before.standing],
      [...chains.standing],
      ([a, one], [b, other]) => a === b && isSameStand(one, other),
    );
  return isSame ? before : chains;
}

function isSameRow<Value>(
  a: readonly Value[],
  b: readonly Value[],
  isSame: (one: Value, other: Value) => boolean,
): boolean {
  return a.length === b.length && a.every((each, i) => isSame(each, b[i]!));
}

const isSameLink = (a: Link, b: Link): boolean =>
  a.id === b.id && a.part === b.part && a.inner === b.inner && a.outer === b.outer;
const isSameChain = (a: LaidChain, b: LaidChain): boolean =>
  a.pick === b.pick && a.leg === b.leg && isSameRow(a.links, b.links, isSameLink);
const isSameStand = (a: StandsAt, b: StandsAt): boolean =>
  a.pick === b.pick && isSameLink(a.link, b.link) && isSameRow(a.legs, b.legs, (one, other) => one === other);

/** What a leg ends in at a station of its own: the end of its pipe, or the connector's own there. */
export const getOwnEnd = (leg: Leg, station: string): End =>
  leg.geometry.kind === 'connector'
    ? leg.geometry.ends[station === leg.from ? 0 : 1]
    : getCraft(leg).getEnd(leg, 'male');

interface ReadChain {
  readonly leg: Leg;
  readonly stands: StandsAt | null;
  readonly links: readonly Link[];
}

/** A transition that was chosen, as it stands; null where it does not go there. */
export function readPick(pick: Pick, doc: RunDoc, catalogue: Catalogue): ReadChain | null {
  const leg = getLegs(doc).get(pick.leg);
  if (!leg || leg.geometry.kind === 'made-up' || !isAtItsLeg(pick, leg)) return null;
  const links: Link[] = [];
  let [end]: readonly End[] = pick.forEnds;
  for (const { id, part: wanted } of pick.parts) {
    const part = catalogue.findPartById(wanted);
    const inner = part?.ports.find((port) => joinEnds(end!, port.end, catalogue.ends).verdict.joint !== null);
    const outer = part?.ports.find((port) => port !== inner);
    // What turns is no transition: it lies straight along its leg.
    if (!part || part.ports.length !== 2 || !inner || !outer || !isStraight(inner, outer)) return null;
    links.push({ id, part, inner, outer });
    end = outer.end;
  }
  const { verdict } = joinEnds(end!, getOwnEnd(leg, pick.station), catalogue.ends);
  const [first, ...rest] = links;
  if (!first || verdict.joint === null) return null;
  const other = findStraightOn(pick, leg, doc);
  return other
    ? { leg, stands: { pick, link: first, legs: [other.id, leg.id] }, links: rest }
    : { leg, stands: null, links };
}

/** A pick stands at an end of its leg, or at an opening of a part in it. */
const isAtItsLeg = ({ station }: Pick, leg: Leg): boolean =>
  station === leg.from || station === leg.to || Object.hasOwn(leg.inline, station.split('.')[0]!);

/** The leg that goes straight on from a leg at a pick's node, where the pick was chosen for what that leg ends in: nothing else stands there. */
function findStraightOn({ station, forEnds }: Pick, leg: Leg, doc: RunDoc): Leg | null {
  const legs = getLegsByNode(doc).get(station) ?? [];
  const other = legs.find(({ id }) => id !== leg.id);
  if (!other || legs.length !== 2 || isMaleAt(other, station) || other.geometry.kind === 'made-up')
    return null;
  const isInLine = dot(getVectorFrom(other, station), getVectorFrom(leg, station)) <= -1 + 1e-6;
  return isInLine && isSameJson(asJson(forEnds[0]), asJson(getOwnEnd(other, station))) ? other : null;
}
const asJson = (value: unknown): Json => value as Json;

const isStraight = (a: Port, b: Port): boolean =>
  a.way.x * b.way.x + a.way.y * b.way.y + a.way.z * b.way.z < -1 + 1e-6;

/** A leg as what stands at a station meets it: where a chain is between them, and of a connector, by the end that is there. */
export function seeLeg(leg: Leg, station: string, chains: Chains): Leg {
  const chain = chains.at.size === 0 ? undefined : chains.at.get(`${station}:${leg.id}`);
  const end = chain
    ? chain.links[0].inner.end
    : leg.geometry.kind === 'connector'
      ? getOwnEnd(leg, station)
      : undefined;
  const met = end && readSettings(end);
  return met ? { ...leg, ...met } : leg;
}

/**
 * From one origin to the other (nm) where two openings are joined: both reaches less what the one goes into the other.
 * Null while one of them is not known.
 */
export function findSpan(a: Port, b: Port, catalogue: Catalogue, rules: HouseRules): Length | null {
  const [male, female] = goesIn(a.end) ? [a, b] : [b, a];
  const reach = findReach(male);
  if (reach === null) return null;
  // A nut draws the two together until they seat: each is measured to where it seals.
  if (!joinEnds(a.end, b.end, catalogue.ends).screws && female.end.kind !== 'socket') {
    const seat = findReach(female);
    return seat === null ? null : reach + seat;
  }
  // What goes in as a tube would, goes in as far as a tube.
  if (female.end.kind === 'socket') {
    const [mouth, depth] = [findReach(female), findDepth(female)];
    return mouth === null || depth === null ? null : reach + mouth - depth;
  }
  const settings = readSettings(male.end);
  if (!settings) return null;
  const { takeOff } = getCraft(settings).workOut(settings, STANDING, female, catalogue, rules, null);
  return takeOff === null ? null : takeOff + reach;
}

/** Whose part an opening is does not matter to how far something goes into it. */
const STANDING: Part = {
  id: 'opening',
  kind: 'existing',
  size: '1',
  material: 'as-found',
  join: null,
  ports: [],
  seats: [],
  outside: null,
};

/**
 * The end of a leg beyond a chain: made up in the chain's last part, its reach and take-off counted from the station's own origin.
 *
 *     origin ---- station's port |< inner  part  outer >|====== pipe
 */
export function workOutChain(
  { leg, links }: Standing,
  port: Port,
  catalogue: Catalogue,
  rules: HouseRules,
): WorkedEnd {
  let base: Length | null = 0;
  let before = port;
  for (const { inner, outer } of links) {
    const span = findSpan(before, inner, catalogue, rules);
    base = base === null || span === null ? null : base + span;
    before = outer;
  }
  const last = links.at(-1)!;
  const worked = getCraft(leg).workOut(leg, last.part, last.outer, catalogue, rules, null);
  const add = (length: Length | null): Length | null =>
    base === null || length === null ? null : base + length;
  return {
    ...worked,
    joint: worked.joint && { ...worked.joint, reach: add(worked.joint.reach) },
    takeOff: add(worked.takeOff),
    unknown: worked.unknown ?? (base === null ? 'part-length-unknown' : null),
  };
}

/** Legs at a node as they are met there: behind a chain where one stands, connectors by their ends. */
export const seeLegs = (legs: readonly Leg[], node: string, chains: Chains): readonly Leg[] =>
  chains.at.size === 0 && legs.every(({ geometry }) => geometry.kind !== 'connector')
    ? legs
    : legs.map((leg) => seeLeg(leg, node, chains));
