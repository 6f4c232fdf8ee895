import { type Part, type Port, isButtJoint } from '#core/catalogue';
import { goesIn, type End } from '#core/ends';
import type { HouseRules } from '#core/house-rules';
import { type JudgedJoint, judgeEnds, type JointKindId, type Tightness } from '#core/joints';
import { getCraft, readSettings } from '#core/materials';
import type { Length } from '#core/units';
import { type Fitting, type Link, findPort } from '#core/runs/fittings';
import { type LaidEnd, getEndId } from '#core/runs/measuring';
import type { Piece } from '#core/runs/pieces';
import type { RunLayout } from './layout.ts';
import { getStretches, perStretch, type LegStretch, type NodeStretch } from './stretches.ts';
import { isMaleAt, type ConnectorGeometry, type Leg } from '#core/runs/document';

/** What a run is put together of: a bought part, what is fixed (found in place, an appliance), a length of pipe, a flexible connector. */
export type Body =
  | { readonly kind: 'part' | 'fixed'; readonly id: string; readonly part: Part }
  | { readonly kind: 'pipe'; readonly id: string; readonly piece: Piece }
  | { readonly kind: 'connector'; readonly id: string; readonly leg: Leg };

/** One side of a joint: which body, and which of its openings; null for the end of a pipe. */
export interface Opening {
  readonly body: string;
  readonly port: string | null;
  readonly end: End;
}

/**
 * Where two bodies meet and the gas is held in. Its id stays whatever is edited elsewhere: `station:leg` where a pipe or a fitting is made
 * up (the station is that of the female side), `part.port` between two parts of a chain (of the part nearer the station), and
 * `part.seat` inside a part (a union's ground joint).
 */
export interface LaidJoint {
  readonly id: string;
  readonly kind: JointKindId | null;
  readonly verdict: JudgedJoint;
  /** What goes in, and what takes it; of a seat its two halves. */
  readonly sides: readonly [Opening, Opening];
  /** The leg it is made for; null inside a part at a node. */
  readonly leg: string | null;
  /** What the joint takes off between the origins of its bodies, nm; null where that is not known, or nothing is cut by it. */
  readonly takeOff: Length | null;
  readonly tightness: Tightness | null;
}

export interface Assembly {
  readonly bodies: readonly Body[];
  readonly joints: readonly LaidJoint[];
}

/** A whole run put together, in parts that stay the same objects where an edit left them alone; put in one row when that is asked for. */
class WholeAssembly implements Assembly {
  readonly parts: readonly Assembly[];
  #bodies: readonly Body[] | null = null;
  #joints: readonly LaidJoint[] | null = null;

  constructor(parts: readonly Assembly[]) {
    this.parts = parts;
  }

  get bodies(): readonly Body[] {
    return (this.#bodies ??= ([] as Body[]).concat(...this.parts.map((part) => part.bodies)));
  }
  get joints(): readonly LaidJoint[] {
    return (this.#joints ??= ([] as LaidJoint[]).concat(...this.parts.map((part) => part.joints)));
  }
}

const known = new WeakMap<RunLayout, WholeAssembly>();

/** Every body and every joint of a run, in walking order: worked out when first asked for, stretch by stretch. */
export function assemble(layout: RunLayout): WholeAssembly {
  const before = known.get(layout);
  if (before) return before;
  const made = putTogether(layout);
  known.set(layout, made);
  return made;
}

function putTogether(layout: RunLayout): WholeAssembly {
  const { legs, nodes } = getStretches(layout);
  const { at } = layout.chains;
  const all = [
    ...nodes.map((stretch) => assembleFittings(stretch, layout)),
    ...legs.map((stretch) => assembleLegs(stretch, layout)),
  ];
  const links = new Assembler(layout);
  for (const { links: chain, leg } of at.values())
    for (const { id, part } of chain) links.addPart(id, part, leg.id);
  all.push(links.made);
  // Of two pipes melted together the second makes the joint, whichever stretch it lies in.
  const rest = legs.map((stretch) => (melts(stretch, layout) ? null : assemblePieces(stretch, layout)));
  const melting = new Assembler(layout);
  for (const [i, stretch] of legs.entries())
    all.push(rest[i] ?? melting.takeOut(() => melting.addPieces(stretch)));
  return new WholeAssembly(all);
}

const legsOfJoints = new WeakMap<Assembly, ReadonlySet<string>>();

/** The joints that are made for these legs, in walking order: only the parts of the run that have any are gone through. */
export function listJointsOf(layout: RunLayout, isMeant: ReadonlyMap<string, unknown>): LaidJoint[] {
  const ids = [...isMeant.keys()];
  return assemble(layout).parts.flatMap((part) => {
    const own =
      legsOfJoints.get(part) ?? new Set(part.joints.flatMap(({ leg }) => (leg === null ? [] : [leg])));
    legsOfJoints.set(part, own);
    const hasAny =
      ids.length < own.size ? ids.some((id) => own.has(id)) : [...own].some((id) => isMeant.has(id));
    return hasAny ? part.joints.filter(({ leg }) => leg !== null && isMeant.has(leg)) : [];
  });
}

const assembleFittings = perStretch((stretch: NodeStretch, layout): Assembly => {
  const assembler = new Assembler(layout);
  for (const { id, fitting } of stretch.nodes) if (fitting.kind === 'part') assembler.addFitting(id, fitting);
  return assembler.made;
});

/** Whether a leg is made up without pipe: its joint is then of what stands at its two ends. */
const hasNoPipe = perStretch(({ legs }: LegStretch): boolean =>
  legs.some(({ leg }) => leg.geometry.kind === 'made-up' || leg.geometry.kind === 'connector'),
);
const makeLegs = (stretch: LegStretch, layout: RunLayout): Assembly => {
  const assembler = new Assembler(layout);
  assembler.addLegs(stretch);
  return assembler.made;
};
const makeLegsOnce = perStretch(makeLegs);
const assembleLegs = (stretch: LegStretch, layout: RunLayout): Assembly =>
  (hasNoPipe(stretch, layout) ? makeLegs : makeLegsOnce)(stretch, layout);

const melts = perStretch(({ pieces }: LegStretch): boolean =>
  pieces.some((own) =>
    own.some(({ ends }) => ends.some(({ joint }) => joint !== null && isButtJoint(joint.part))),
  ),
);

/** A piece is laid anew with whatever its joints rest on: its legs, and what stands at its ends. */
const assemblePieces = perStretch((stretch: LegStretch, layout): Assembly => {
  const assembler = new Assembler(layout);
  assembler.addPieces(stretch);
  return assembler.made;
});

/** The joint of an id; null when the run has none of it. */
export const findJoint = (layout: RunLayout, id: string): LaidJoint | null =>
  assemble(layout).joints.find((joint) => joint.id === id) ?? null;

/** The two openings of a leg without pipe, each with its node: what goes in, and what takes it. Null where one is not known. */
export function findMadeUp(
  { nodes }: RunLayout,
  leg: Leg,
): { readonly goes: readonly [string, Port]; readonly takes: readonly [string, Port] } | null {
  const [male, female] = isMaleAt(leg, leg.from) ? [leg.from, leg.to] : [leg.to, leg.from];
  const [goes, takes] = [male, female].map((node) => {
    const fitting = nodes.get(node)?.fitting;
    return fitting ? findPort(fitting, leg.id) : null;
  });
  return goes && takes ? { goes: [male, goes], takes: [female, takes] } : null;
}

const judged = new WeakMap<HouseRules, WeakMap<Port, WeakMap<Port, JudgedJoint>>>();

/** What becomes of one opening in another: parts of one kind share theirs, so that each pair is judged once. */
export function judgePorts({ rules, catalogue }: RunLayout, goes: Port, takes: Port): JudgedJoint {
  const byRules = judged.get(rules) ?? new WeakMap<Port, WeakMap<Port, JudgedJoint>>();
  judged.set(rules, byRules);
  const byPort = byRules.get(goes) ?? new WeakMap<Port, JudgedJoint>();
  byRules.set(goes, byPort);
  const verdict = byPort.get(takes) ?? judgeEnds(goes.end, takes.end, catalogue.ends, rules);
  byPort.set(takes, verdict);
  return verdict;
}

class Assembler {
  readonly #layout: RunLayout;
  #bodies: Body[] = [];
  #joints: LaidJoint[] = [];
  /** Butt joints of which one side was met. */
  readonly #melted = new Map<string, { readonly id: string; readonly opening: Opening }>();

  constructor(layout: RunLayout) {
    this.#layout = layout;
  }

  get made(): Assembly {
    return { bodies: this.#bodies, joints: this.#joints };
  }

  /** What is added meanwhile, apart from the rest. */
  takeOut(add: () => void): Assembly {
    add();
    const { made } = this;
    [this.#bodies, this.#joints] = [[], []];
    return made;
  }

  addFitting(id: string, fitting: Extract<Fitting, { kind: 'part' }>): void {
    this.addPart(id, fitting.part, null);
    for (const [leg, link] of Object.entries(fitting.adapters ?? {})) this.addPart(link.id, link.part, leg);
  }

  addLegs({ legs }: LegStretch): void {
    for (const { id, leg, inline } of legs) {
      for (const { id: part, part: stands } of inline) if (stands) this.addPart(part, stands, id);
      if (leg.geometry.kind === 'made-up') this.#joinMadeUp(leg);
      if (leg.geometry.kind === 'connector') this.#joinConnector(leg, leg.geometry);
    }
  }

  addPieces({ pieces }: LegStretch): void {
    for (const own of pieces)
      for (const piece of own) {
        this.#bodies.push({ kind: 'pipe', id: piece.id, piece });
        for (const end of piece.ends) this.#joinPipe(piece, end);
      }
  }

  addPart(id: string, part: Part, leg: string | null): void {
    // Nothing stands where two pipes are melted together: their joint is made by the second of them.
    if (isButtJoint(part)) return;
    const isFixed = part.kind === 'existing' || part.kind === 'appliance';
    this.#bodies.push({ kind: isFixed ? 'fixed' : 'part', id, part });
    for (const [i, [a, b]] of part.seats.entries()) {
      const verdict = this.#judge(a, b);
      const name = i === 0 ? 'seat' : `seat-${i + 1}`;
      this.#joints.push({
        id: `${id}.${name}`,
        kind: verdict.joint,
        verdict,
        sides: [
          { body: id, port: null, end: a },
          { body: id, port: null, end: b },
        ],
        leg,
        takeOff: null,
        tightness: null,
      });
    }
  }

  /** A pipe in what stands at its end, with the chain between where there is one. */
  #joinPipe(piece: Piece, end: LaidEnd): void {
    const { joint } = end;
    if (!joint) return;
    if (isButtJoint(joint.part)) {
      this.#meltTogether(piece, end, joint);
      return;
    }
    // A tube goes through several legs: each end is of its own.
    const leg = this.#layout.legs.get(end.leg)!.leg;
    const body = this.#joinLinks(leg, end.station, this.#findLinks(end))?.body ?? end.station.split('.')[0]!;
    const goes = getCraft(leg).getEnd(leg, 'male');
    this.#joints.push({
      id: end.id,
      kind: joint.verdict.joint,
      verdict: joint.verdict,
      sides: [
        { body: piece.id, port: null, end: goes },
        { body, port: joint.port.id, end: joint.port.end },
      ],
      leg: leg.id,
      takeOff: end.takeOff,
      tightness: joint.tightness,
    });
  }

  /** The joints of what stands between a station and a leg, and the opening it ends in; null where nothing stands there. */
  #joinLinks(leg: Leg, station: string, links: readonly Link[]): { body: string; port: Port } | null {
    if (links.length === 0) return null;
    let body = station.split('.')[0]!;
    let port = this.#findPortAt(body, leg);
    for (const { id, inner, outer } of links) {
      if (port) this.#joinPorts(`${body}.${port.id}`, leg, [id, inner], [body, port]);
      [body, port] = [id, outer];
    }
    return port && { body, port };
  }

  #findPortAt(node: string, leg: Leg): Port | null {
    const fitting = this.#layout.nodes.get(node)?.fitting;
    return fitting ? findPort(fitting, leg.id) : null;
  }

  /** Two pipes melted end to end are one joint, under the id of the end that was walked first. */
  #meltTogether(piece: Piece, end: LaidEnd, { verdict, tightness }: NonNullable<LaidEnd['joint']>): void {
    const leg = this.#layout.legs.get(end.leg)!.leg;
    const own: Opening = { body: piece.id, port: null, end: getCraft(leg).getEnd(leg, 'male') };
    const at = end.station.split('.')[0]!;
    const first = this.#melted.get(at);
    if (!first) {
      this.#melted.set(at, { id: end.id, opening: own });
      return;
    }
    this.#joints.push({
      id: first.id,
      kind: verdict.joint,
      verdict,
      sides: [first.opening, own],
      leg: leg.id,
      takeOff: end.takeOff,
      tightness,
    });
  }

  /** What stands between a station and a leg: a transition that was chosen, or the adapter of a tube. */
  #findLinks({ id, station, leg }: Pick<LaidEnd, 'id' | 'station' | 'leg'>): readonly Link[] {
    const chain = this.#layout.chains.at.get(id);
    if (chain) return chain.links;
    const fitting = this.#layout.nodes.get(station)?.fitting;
    const adapter = fitting?.kind === 'part' ? fitting.adapters?.[leg] : undefined;
    return adapter ? [adapter] : [];
  }

  /** A flexible connector is made up at both its ends. */
  #joinConnector(leg: Leg, { ends }: ConnectorGeometry): void {
    this.#bodies.push({ kind: 'connector', id: leg.id, leg });
    for (const [i, node] of [leg.from, leg.to].entries()) {
      const id = getEndId(node, leg.id);
      const beyond = this.#joinLinks(leg, node, this.#findLinks({ id, station: node, leg: leg.id }));
      const port = beyond?.port ?? this.#findPortAt(node, leg);
      if (!port) continue;
      const own = { body: leg.id, port: null, end: ends[i]! };
      const other = { body: beyond?.body ?? node, port: port.id, end: port.end };
      const sides = goesIn(own.end) ? ([own, other] as const) : ([other, own] as const);
      const verdict = this.#judge(sides[0].end, sides[1].end);
      this.#joints.push({
        id,
        kind: verdict.joint,
        verdict,
        sides,
        leg: leg.id,
        takeOff: null,
        tightness: null,
      });
    }
  }

  /** Fitting straight into fitting: one joint, named by its female side. */
  #joinMadeUp(leg: Leg): void {
    const made = findMadeUp(this.#layout, leg);
    if (made) this.#joinPorts(getEndId(made.takes[0], leg.id), leg, made.goes, made.takes);
  }

  #joinPorts(
    id: string,
    leg: Leg,
    [one, goes]: readonly [string, Port],
    [other, takes]: readonly [string, Port],
  ): void {
    const { catalogue, rules, nodes } = this.#layout;
    const verdict = judgePorts(this.#layout, goes, takes);
    const settings = readSettings(goes.end);
    const fitting = nodes.get(other)?.fitting;
    const part = fitting?.kind === 'part' ? fitting.part : null;
    const worked =
      settings && part ? getCraft(settings).workOut(settings, part, takes, catalogue, rules, null) : null;
    this.#joints.push({
      id,
      kind: verdict.joint,
      verdict,
      sides: [
        { body: one, port: goes.id, end: goes.end },
        { body: other, port: takes.id, end: takes.end },
      ],
      leg: leg.id,
      takeOff: worked?.takeOff ?? null,
      tightness: worked?.joint?.tightness ?? null,
    });
  }

  #judge(a: End, b: End): JudgedJoint {
    const { catalogue, rules } = this.#layout;
    return judgeEnds(a, b, catalogue.ends, rules);
  }
}
