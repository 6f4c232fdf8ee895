import { getCraft } from '#core/materials';
import {
  getLegsByNode,
  findWayFrom,
  getVectorFrom,
  isSameWay,
  type Leg,
  type RunDoc,
} from '#core/runs/document';
import type { Way } from '#core/geometry';

/** Why a leg cannot leave a node the way it should. */
export type WayRefusal =
  | { readonly code: 'leg-straight-back'; readonly axis: Way | null; readonly mark: string }
  | { readonly code: 'leg-direction-taken'; readonly axis: Way | null; readonly mark: string }
  | { readonly code: 'leg-existing-end-taken'; readonly mark: string }
  | { readonly code: 'leg-node-full'; readonly legs: number };

/** The legs that meet at a node, in the order of their ranks. */
export const findLegsAt = (doc: RunDoc, node: string): readonly Leg[] => getLegsByNode(doc).get(node) ?? [];

/** Can `leg` leave `node` beside the legs there? Refuses a way that is taken, a full node, and an end found in place. */
export function checkWay(doc: RunDoc, leg: Leg, node: string, others: readonly Leg[]): WayRefusal | null {
  const way = getVectorFrom(leg, node);
  const taken = others.find((other) => isSameWay(getVectorFrom(other, node), way));
  const axis = findWayFrom(leg, node);
  if (taken) {
    const arrives = taken.to === node && leg.from === node;
    return { code: arrives ? 'leg-straight-back' : 'leg-direction-taken', axis, mark: String(taken.tag) };
  }
  const [first] = others;
  const terminal = doc.nodes[node]?.terminal?.kind;
  if (first && (terminal === 'existing' || terminal === 'appliance')) {
    return { code: 'leg-existing-end-taken', mark: String(first.tag) };
  }
  return others.length >= findMost([leg, ...others]) ? { code: 'leg-node-full', legs: others.length } : null;
}

/** How many legs may meet: three in a tee, four in a manifold where one of them is of a tube that such are made for. */
const findMost = (legs: readonly Leg[]): number =>
  legs.some((leg) => getCraft(leg).listKinds(leg).includes('manifold')) ? 4 : 3;
