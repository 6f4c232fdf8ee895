import type { Port } from '#core/catalogue';
import type { Vector } from '#core/geometry';
import { findPort } from '#core/runs/fittings';
import type { LaidLeg, LaidNode } from '#core/runs/pieces';
import { findDisplaced, type RunLayout } from '#core/runs/layout';
import { listApplianceNodes } from '#core/runs/reading';
import { type RunDoc, getVectorFrom } from '#core/runs/document';

/** Whether it can be said at all which way the gas goes. */
export type FlowState = 'known' | 'no-source' | 'several-sources';

/**
 * Which way the gas goes through a run: from its one source outward. Where that does not follow (several sources, none, a ring, what the
 * source does not reach) nothing is guessed: a leg without a direction has none.
 */
export interface Flow {
  readonly state: FlowState;
  /** The nodes from which gas comes, as the run has them. */
  readonly sources: readonly string[];
  /** Legs in which the gas goes from their near to their far end. */
  readonly directed: Pick<ReadonlySet<string>, 'has'>;
  /** Legs of rings: the gas may go either way. */
  readonly ringed: ReadonlySet<string>;
  /** Node → the leg by which gas arrives, where that is known. */
  readonly arriving: Pick<ReadonlyMap<string, string>, 'get'>;
  /** Leg → how many appliances it serves: those beyond it. A leg that serves none is not among them. */
  readonly serves: ReadonlyMap<string, number>;
}

/** The nodes a run has the gas come from; one, where all is well. */
export const findSources = ({ anchors }: RunDoc): readonly string[] => [
  ...new Set(Object.values(anchors).flatMap(({ role, node }) => (role === 'source' ? [node] : []))),
];

const known = new WeakMap<RunLayout, Flow>();

/** Traces the gas through a run: once for each layout, and not again where the same stands where it stood. Refuses nothing. */
export function traceFlow(layout: RunLayout): Flow {
  const before = known.get(layout);
  if (before) return before;
  const since = findDisplaced(layout);
  const isSame = since?.isSameBodies === true && since.before.doc.anchors === layout.doc.anchors;
  const flow = (isSame && known.get(since.before)) || trace(layout);
  known.set(layout, flow);
  return flow;
}

const NONE: ReadonlySet<string> = new Set();

function trace(layout: RunLayout): Flow {
  const sources = findSources(layout.doc);
  const state = sources.length === 1 ? 'known' : sources.length === 0 ? 'no-source' : 'several-sources';
  // A tree that was walked from its one source: the gas goes as the walk did.
  const { legs, nodes } = layout;
  const isTree = legs.size === nodes.size - 1 && layout.closing.length === 0;
  if (state === 'known' && isTree && nodes.keys().next().value === sources[0])
    return {
      state,
      sources,
      directed: { has: (leg) => legs.has(leg) },
      ringed: NONE,
      arriving: { get: (node) => (nodes.has(node) ? findReaching(node, layout)?.id : undefined) },
      serves: countServed(layout),
    };
  const ringed = findRinged(layout);
  const reached = new Set(sources);
  const directed = new Set<string>();
  const arriving = new Map<string, string>();
  // Legs come in walking order from the source: a node is reached before what leaves it.
  for (const laid of layout.legs.values()) {
    if (state !== 'known' || !reached.has(laid.near)) continue;
    reached.add(laid.far);
    if (ringed.has(laid.id)) continue;
    directed.add(laid.id);
    arriving.set(laid.far, laid.id);
  }
  return { state, sources, directed, ringed, arriving, serves: countServed(layout) };
}

/** How many appliances lie beyond each leg; over a ring each is counted on the way by which it was walked to. */
function countServed(layout: RunLayout): Map<string, number> {
  const serves = new Map<string, number>();
  const reach = (node: string): LaidLeg | null => findReaching(node, layout);
  for (const { id } of listApplianceNodes(layout))
    for (let leg = reach(id); leg; leg = reach(leg.near)) serves.set(leg.id, (serves.get(leg.id) ?? 0) + 1);
  return serves;
}

/** The leg by which a node was walked to: it comes first among those that meet there. */
function findReaching(node: string, { nodes, legs }: RunLayout): LaidLeg | null {
  const [first] = nodes.get(node)!.legs;
  const laid = first && legs.get(first.id);
  return laid?.far === node ? laid : null;
}

/** The legs that lie on rings: those that close one, and the two ways back from it to where they part. */
function findRinged({ legs, closing }: RunLayout): Set<string> {
  const ringed = new Set<string>();
  if (closing.length === 0) return ringed;
  const closes = new Set(closing);
  const parents = new Map<string, LaidLeg>();
  for (const laid of legs.values()) if (!closes.has(laid.id)) parents.set(laid.far, laid);
  const listUp = (node: string): LaidLeg[] => {
    const up: LaidLeg[] = [];
    for (let leg = parents.get(node); leg; leg = parents.get(leg.near)) up.push(leg);
    return up;
  };
  for (const id of closing) {
    const { near, far } = legs.get(id)!;
    const [one, other] = [listUp(near), listUp(far)];
    const shared = new Set(one.filter((leg) => other.includes(leg)));
    ringed.add(id);
    for (const leg of [...one, ...other]) if (!shared.has(leg)) ringed.add(leg.id);
  }
  return ringed;
}

/** What the gas does at an opening of what stands at a node. `idle`: it goes to no appliance; `unknown`: the way is not known. */
export type PortUse = 'inlet' | 'outlet' | 'idle' | 'unknown';

export interface UsedPort {
  readonly port: Port;
  readonly leg: LaidLeg;
  readonly use: PortUse;
  /** The way the opening looks (unit vector). */
  readonly way: Vector;
}

/** Which opening of a fitting the gas comes in by, and which it leaves by; empty where no part stands. */
export function listUsedPorts(layout: RunLayout, node: LaidNode): UsedPort[] {
  const flow = traceFlow(layout);
  return node.legs.flatMap(({ id }): UsedPort[] => {
    const leg = layout.legs.get(id)!;
    const port = findPort(node.fitting, id);
    return port
      ? [{ port, leg, use: findUse(flow, leg, node.id), way: getVectorFrom(leg.leg, node.id) }]
      : [];
  });
}

function findUse(flow: Flow, leg: LaidLeg, node: string): PortUse {
  if (!flow.directed.has(leg.id)) return 'unknown';
  if (leg.far === node) return 'inlet';
  return flow.serves.has(leg.id) ? 'outlet' : 'idle';
}
