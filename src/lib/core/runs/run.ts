import type { Part } from '../catalogue/part.ts';
import type { Material } from '../catalogue/pipe.ts';
import type { NominalSize } from '../catalogue/size.ts';
import type { Axis } from '../geometry/axis.ts';
import type { RuleChoices } from '../house-rules/house-rules.ts';
import type { SpecimenEnd } from '../identify/specimen.ts';
import type { Length } from '../units/length.ts';

/** The version of the stored shape below; formats/ carries older documents up to it. */
export const RUN_SCHEMA = 2;

/**
 * The run document: what the fitter said, and nothing that follows from it. Maps by client-made id, never
 * arrays by index; every field is always present, so that a change can name its old value.
 */
export interface RunDoc {
  readonly schema: typeof RUN_SCHEMA;
  readonly id: string;
  /** The catalogue the run was laid out with: after an update the screen says what changed. */
  readonly catalogueVersion: string;
  readonly ownParts: Readonly<Record<string, Part>>;
  readonly ruleChoices: RuleChoices;
  readonly nodes: Readonly<Record<string, RunNode>>;
  readonly legs: Readonly<Record<string, Leg>>;
  readonly measures: Readonly<Record<string, Measure>>;
  readonly picks: Readonly<Record<string, never>>;
  readonly anchors: Readonly<Record<string, Anchor>>;
  readonly obstacles: Readonly<Record<string, never>>;
  readonly zones: Readonly<Record<string, never>>;
}

/** A place where legs meet or end. Its fitting is inferred from the legs (`auto`). */
export interface RunNode {
  readonly id: string;
  readonly part: { readonly kind: 'auto' };
  /** What closes a node with one leg; null for a node where legs meet, and for an end not decided yet. */
  readonly terminal: Terminal | null;
}

export type Terminal =
  | { readonly kind: 'open' }
  | { readonly kind: 'cap' }
  /** What was found in place, as a specimen of the job; measures to it are taken to its mouth. */
  | { readonly kind: 'existing'; readonly specimen: string; readonly end: SpecimenEnd };

/** A straight way from node to node, drawn from → to; which way the gas flows follows from the source anchor. */
export interface Leg {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  readonly geometry: LegGeometry;
  readonly size: NominalSize;
  readonly material: Material;
  /** Settings per material; those of an inactive material stay. */
  readonly specs: Readonly<Record<string, never>>;
  readonly inline: Readonly<Record<string, never>>;
  /** Order among the legs that leave a node. */
  readonly rank: string;
  /** The number chalked on the piece: given once, never moved by an edit elsewhere. */
  readonly tag: number;
}

/** How a leg goes; other geometries join as kinds of their own. */
export interface LegGeometry {
  readonly kind: 'axis';
  readonly axis: Axis;
}

/**
 * What a measure was taken from or to: the origin of a node's fitting. For an elbow or tee that is where the
 * centre lines cross, for a coupling its middle, for a cap its closed end, for an open end the pipe's end.
 */
export interface Ref {
  readonly kind: 'node';
  readonly node: string;
  readonly at: 'centre';
}

export interface Measure {
  readonly id: string;
  readonly from: Ref;
  readonly to: Ref;
  /** nm */
  readonly value: Length;
  /** As it was typed. */
  readonly typed: string;
  readonly instrument: string | null;
}

/** A fixed place: flow runs from the source, whatever order the legs were drawn in. */
export interface Anchor {
  readonly id: string;
  readonly node: string;
  readonly role: 'source';
}

/** An empty run, laid out with a given catalogue under a copy of the shop's rules. */
export function newRun(id: string, catalogueVersion: string, ruleChoices: RuleChoices): RunDoc {
  return {
    schema: RUN_SCHEMA,
    id,
    catalogueVersion,
    ownParts: {},
    ruleChoices,
    nodes: {},
    legs: {},
    measures: {},
    picks: {},
    anchors: {},
    obstacles: {},
    zones: {},
  };
}

/** A run that begins at something found in place. */
export function newRunFromSpecimen(
  empty: RunDoc,
  specimen: string,
  end: SpecimenEnd,
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

/** Node ids → the legs that meet there, in the order of their ranks. */
export function getLegsByNode(doc: RunDoc): Map<string, readonly Leg[]> {
  const byNode = new Map<string, readonly Leg[]>();
  for (const id of Object.keys(doc.nodes)) byNode.set(id, NO_LEGS);
  for (const leg of Object.values(doc.legs)) {
    for (const node of [leg.from, leg.to]) {
      const legs = byNode.get(node);
      if (legs) byNode.set(node, putInOrder(legs, leg));
    }
  }
  return byNode;
}

const NO_LEGS: readonly Leg[] = [];

/** Two or three legs meet at a node: a new short list is cheaper than one that grows and is sorted. */
function putInOrder(legs: readonly Leg[], leg: Leg): readonly Leg[] {
  const after = legs.findIndex((other) => comesBefore(leg, other));
  if (after < 0) return [...legs, leg];
  return [...legs.slice(0, after), leg, ...legs.slice(after)];
}

const comesBefore = (a: Leg, b: Leg): boolean => (a.rank === b.rank ? a.tag < b.tag : a.rank < b.rank);
