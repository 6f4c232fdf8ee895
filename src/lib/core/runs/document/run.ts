import type { ApplianceEnd } from './appliance.ts';
import type { SystemId, BoughtKind, ShopPart } from '#core/catalogue';
import type { Settings } from '#core/materials';
import type { Condition } from '#core/joints';
import type { End, ThreadEnd } from '#core/ends';
import type { Axis, Way } from '#core/geometry';
import type { RuleChoices } from '#core/house-rules';
import type { Guard, PassageKind, ZoneId } from '#core/permissions';
import type { Length } from '#core/units';

/** The version of the stored shape below; formats/ carries older documents up to it. */
export const RUN_SCHEMA = 12;

/**
 * The run document: what the fitter said, and nothing that follows from it. Maps by client-made id, never
 * arrays by index; every field is always present, so that a change can name its old value.
 */
export interface RunDoc {
  readonly schema: typeof RUN_SCHEMA;
  readonly id: string;
  /** The catalogue the run was laid out with: after an update the screen says what changed. */
  readonly catalogueVersion: string;
  readonly ownParts: Readonly<Record<string, OwnPart>>;
  /** Parts of the shop's own that stand in it, as they were when they were put in. */
  readonly shopParts: Readonly<Record<string, ShopPart>>;
  readonly ruleChoices: RuleChoices;
  readonly nodes: Readonly<Record<string, RunNode>>;
  readonly legs: Readonly<Record<string, LegEntry>>;
  /** Settings of legs by material system, under `leg.system`; those of a system a leg is not made of now stay. */
  readonly specs: Readonly<Record<string, LegSpec>>;
  /** Parts that stand in the pipe of a leg. */
  readonly parts: Readonly<Record<string, InlinePart>>;
  readonly measures: Readonly<Record<string, Measure>>;
  readonly picks: Readonly<Record<string, Pick>>;
  readonly anchors: Readonly<Record<string, Anchor>>;
  readonly clockings: Readonly<Record<string, JointClocking>>;
  readonly obstacles: Readonly<Record<string, never>>;
  /** Where legs run, under the leg's own id; of a leg that is not among them nobody said it. */
  readonly zones: Readonly<Record<string, LegZone>>;
  /** How deep buried nodes lie, under the node's own id. */
  readonly covers: Readonly<Record<string, Cover>>;
  /** Which way trenches go on the ground, under the leg's own id: for the sketch, nothing is worked out from it. */
  readonly bearings: Readonly<Record<string, Bearing>>;
  /** What is printed on pipe (under its leg's id), on what stands at a node, or on a part in a leg (under theirs). */
  readonly prints: Readonly<Record<string, PrintedOn>>;
  /** Floors and walls that legs pass. */
  readonly passages: Readonly<Record<string, Passage>>;
  /** Legs that were fished through what is closed, under the leg's own id. */
  readonly fished: Readonly<Record<string, Fished>>;
}

/** Lengths of a part as this shop measured them, in place of what the catalogue says of it. */
export interface OwnPart {
  readonly id: string;
  /** The part of the catalogue it stands for, by its id. */
  readonly of: string;
  /** From the part's origin to the face or end of each port that was measured, nm. */
  readonly reaches: Readonly<Record<string, Length>>;
  /** How far a tube goes in at each port that was measured, nm; of a flare 0: measured with a flared stub in place. */
  readonly depths: Readonly<Record<string, Length>>;
  readonly typed: string;
  readonly by: string;
}

/** A place where legs meet or end. */
export interface RunNode {
  readonly id: string;
  readonly part: NodePart;
  /** What closes a node with one leg; null for a node where legs meet, and for an end not decided yet. */
  readonly terminal: Terminal | null;
}

/** What stands there follows from the legs (`auto`: of tube a bend), or one kind was chosen among those that fit them. */
export type NodePart =
  | { readonly kind: 'auto' }
  | { readonly kind: 'chosen'; readonly part: BoughtKind }
  /** The tube itself turns here, at a radius (to its centre line, nm) of its own and not the one the house bends it to. */
  | { readonly kind: 'bend'; readonly radius: Length; readonly typed: string };

export type Terminal =
  | { readonly kind: 'open' }
  | { readonly kind: 'cap' }
  /** On a leg made up straight into a fitting: its opening is closed. */
  | { readonly kind: 'plug' }
  | ApplianceEnd
  /** What was found in place, as a specimen of the job; measures to it are taken to its mouth or end. */
  | { readonly kind: 'existing'; readonly specimen: string; readonly end: End };

/** A straight way from node to node, drawn from → to; which way the gas flows follows from the source anchor. */
export interface LegEntry {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  readonly geometry: LegGeometry;
  /** What it is made of: its settings stand in `specs`. */
  readonly system: SystemId;
  /** Order among the legs that leave a node. */
  readonly rank: string;
  /** The number chalked on the piece: given once, never moved by an edit elsewhere. */
  readonly tag: number;
}

/** The settings of a leg in one material system. */
export interface LegSpec extends Settings {
  /** `leg.system` */
  readonly id: string;
  readonly leg: string;
}

/** Under what the settings of a leg in a system stand. */
export const getSpecId = (leg: string, system: SystemId): string => `${leg}.${system}`;

/** A leg with its settings and the parts in its pipe: what everything but the document works with (legs.ts puts it together). */
export interface Leg extends LegEntry, Settings {
  readonly inline: Readonly<Record<string, InlinePart>>;
}

/** Kinds that stand in a straight pipe, one size at both ends. */
export const INLINE_KINDS = ['union', 'valve', 'coupling', 'slip-coupling'] as const;
export type InlineKind = (typeof INLINE_KINDS)[number];

/** A part in the pipe of a leg. `share` (0 to 1, from the leg's beginning) places it while no measure does. */
export interface InlinePart {
  readonly id: string;
  readonly leg: string;
  readonly part: InlineKind;
  readonly share: number;
}

/** How a leg goes; other geometries join as kinds of their own. */
export type LegGeometry =
  | StraightGeometry
  | OffsetGeometry
  | MadeUpGeometry
  | ConnectorGeometry
  | RouteGeometry;

/** Square, or at 45° between two square ways. */
export interface StraightGeometry {
  readonly kind: 'axis';
  readonly axis: Way;
}

/** The travel of an offset between two 45° elbows: its length follows from set and roll (nm). */
export interface OffsetGeometry {
  readonly kind: 'offset';
  readonly along: Axis;
  readonly set: OffsetSide;
  /** Null for an offset in one plane. */
  readonly roll: OffsetSide | null;
  readonly angle: 45;
}

export interface OffsetSide {
  readonly way: Axis;
  readonly length: Length;
  /** As it was typed; empty where it follows from the other figures. */
  readonly typed: string;
}

/** Fitting straight into fitting, no pipe: the centre-to-centre follows from the parts. */
export interface MadeUpGeometry {
  readonly kind: 'made-up';
  readonly axis: Way;
  /** Whose thread is the male one: that of the fitting at the beginning of the leg, or at its end. */
  readonly male: 'from' | 'to';
}

/**
 * A flexible appliance connector between two ends that are fixed: bought whole, never cut, and as long as it is, not as far as it goes.
 * `axis` is the way it is drawn.
 */
export interface ConnectorGeometry {
  readonly kind: 'connector';
  readonly axis: Way;
  /** Its own ends: at the beginning of the leg, and at its end. */
  readonly ends: readonly [ThreadEnd, ThreadEnd];
  /** As it is sold, nm; null while not said. */
  readonly length: Length | null;
  readonly typed: string;
  /** Out of its packing, or taken off another appliance; null while not said. */
  readonly isNew: boolean | null;
}

/**
 * Tubing that was not measured bend by bend: how long it is along its way is all that is said of it, by its measure. `axis` is the way it
 * is drawn.
 */
export interface RouteGeometry {
  readonly kind: 'route';
  readonly axis: Way;
}

/** Where on a part a measure was taken. */
export const REF_POINTS = ['centre', 'face', 'end', 'back', 'wall'] as const;
export type RefPoint = (typeof REF_POINTS)[number];

/**
 * What a measure was taken from or to, at a node's fitting or at a part in a leg:
 * `centre`: its origin (where centre lines cross, a coupling's middle, a cap's closed end, a bare pipe's end);
 * `face`: the face of the opening that looks along the measure; `end`: the end of the pipe made up in that opening;
 * `back`: the outside of the fitting on the far side; `wall`: what stands `gap` (nm) behind that back.
 */
export interface Ref {
  readonly kind: 'node' | 'inline';
  /** Id of the node, or of the part in a leg. */
  readonly id: string;
  readonly at: RefPoint;
  readonly gap: Length;
}

export interface Measure {
  readonly id: string;
  readonly from: Ref;
  readonly to: Ref;
  /** The square way it was taken along; null along the straight line of pipe on which both its ends lie. */
  readonly along: Axis | null;
  /** nm */
  readonly value: Length;
  /** As it was typed. */
  readonly typed: string;
  readonly instrument: string | null;
}

/**
 * A transition that was chosen: a chain of parts, lying straight along its leg, between what stands at a station and the pipe. When the
 * ends it was chosen for change it is stale: shown, and kept.
 */
export interface Pick {
  readonly id: string;
  /** The node, or the opening of a part in the leg (`part.port`), and the leg. */
  readonly station: string;
  readonly leg: string;
  /** What it was chosen for: the end at the station, and the end of the leg. */
  readonly forEnds: readonly [End, End];
  /** From the station toward the leg. */
  readonly parts: readonly PickedPart[];
  /** What was asked before it was put in, and said to be so. */
  readonly agreed: readonly Condition[];
}

export interface PickedPart {
  readonly id: string;
  /** The id of a part of the catalogue, or of the shop's own. */
  readonly part: string;
  /** What stands on it where it has a date, as it was read; empty while nobody has, and where it has none. */
  readonly dated: string;
}

/** The centre of a node's fitting. */
export const centreOf = (node: string): Ref => ({ kind: 'node', id: node, at: 'centre', gap: 0 });

/** The place a leg runs in, under the leg's own id. */
export interface LegZone {
  readonly id: string;
  readonly zone: ZoneId;
}

/** How much ground lies over the pipe at a node, nm. */
export interface Cover {
  readonly id: string;
  readonly cover: Length;
  readonly typed: string;
}

/** Whole degrees clockwise from north. */
export interface Bearing {
  readonly id: string;
  readonly degrees: number;
}

/** A print line or a marking as it was read off. */
export interface PrintedOn {
  readonly id: string;
  readonly text: string;
  /** Of a riser: how deep it may be buried at the most, as printed on it, nm; null where that was not read. */
  readonly bury: Length | null;
  readonly typed: string;
}

/** A floor or a wall that a leg passes, at a share of it (0 to 1, from the leg's beginning). */
export interface Passage {
  readonly id: string;
  readonly leg: string;
  readonly kind: PassageKind;
  readonly share: number;
  /** Null while nobody said it. */
  readonly guard: Guard | null;
}

/** A leg of tubing that was fished: held by nothing, as its maker's own text has it. */
export interface Fished {
  readonly id: string;
  /** The maker's words, and where they stand. */
  readonly text: string;
  readonly reason: string;
}

/** A fixed place: flow runs from the source, whatever order the legs were drawn in. */
export interface Anchor {
  readonly id: string;
  readonly node: string;
  readonly role: 'source';
}

/**
 * A taper joint that is left where its fitting points as wanted, in place of the engagement the house rule gives. Angles in
 * whole degrees clockwise, looking from the turned part along the axis into the fixed part.
 */
export interface JointClocking {
  readonly id: string;
  /** The node, or the opening of a part in the leg (`part.port`), and the leg that is made up there. */
  readonly station: string;
  readonly leg: string;
  /** Where it points when it is hand-tight, and where it shall point. */
  readonly handTight: number;
  readonly wanted: number;
  /** Whole turns past the first time it points there. */
  readonly whole: number;
}

/** An empty run, laid out with a given catalogue under a copy of the shop's rules. */
export function newRun(id: string, catalogueVersion: string, ruleChoices: RuleChoices): RunDoc {
  return {
    schema: RUN_SCHEMA,
    id,
    catalogueVersion,
    ownParts: {},
    shopParts: {},
    ruleChoices,
    nodes: {},
    legs: {},
    specs: {},
    parts: {},
    measures: {},
    picks: {},
    anchors: {},
    clockings: {},
    obstacles: {},
    zones: {},
    covers: {},
    bearings: {},
    prints: {},
    passages: {},
    fished: {},
  };
}

/** A run that begins at something found in place. */
export function newRunFromSpecimen(
  empty: RunDoc,
  specimen: string,
  end: End,
  ids: { readonly node: string; readonly anchor: string },
): RunDoc {
  const source: RunNode = {
    id: ids.node,
    part: { kind: 'auto' },
    terminal: { kind: 'existing', specimen, end },
  };
  return {
    ...empty,
    nodes: { [ids.node]: source },
    anchors: { [ids.anchor]: { id: ids.anchor, node: ids.node, role: 'source' } },
  };
}

/** The node from which the gas comes, or null in a run without legs. */
export const findSource = (doc: RunDoc): string | null =>
  Object.values(doc.anchors).find((anchor) => anchor.role === 'source')?.node ?? null;
