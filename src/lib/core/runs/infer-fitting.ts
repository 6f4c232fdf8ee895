import type { Catalogue } from '../catalogue/catalogue.ts';
import type { BoughtKind } from '../catalogue/part.ts';
import { getCraft } from '../materials/crafts.ts';
import { NOMINAL_SIZES, type NominalSize } from '../ends/size.ts';
import { dot, isNear } from '../geometry/vector.ts';
import type { Fitting, FittingRefusal } from './fitting.ts';
import { joinAppliance, joinExisting } from './found-in-place.ts';
import { findWayFrom, getVectorFrom, isMaleAt } from './leg-direction.ts';
import type { Leg, RunNode } from './run.ts';

/** The kinds of part the legs at a node call for, the usual one first, and the legs in the order of its ports. */
export interface FittingShape {
  readonly kinds: readonly BoughtKind[];
  readonly legs: readonly Leg[];
}

/**
 * The fitting that the legs at a node call for: two in line a coupling (a bushing where one end is male), two square or
 * at 45° an elbow (a street elbow), a straight pair and one square to it a tee; one leg its cap, plug, appliance or a
 * bare end. A kind chosen for the node stands where the legs fit it. Ports: run-a is the run port of the first leg.
 */
export function inferFitting(node: RunNode, legs: readonly Leg[], catalogue: Catalogue): Fitting {
  const [leg] = legs;
  if (!leg) return { kind: 'open' };
  if (legs.length === 1 && node.terminal?.kind === 'existing')
    return joinExisting(node.id, node.terminal, leg, catalogue);
  if (legs.length === 1 && node.terminal?.kind === 'appliance')
    return joinAppliance(node.id, node.terminal, leg, catalogue);
  const shape = findShape(node, legs);
  if (shape === 'open') return { kind: 'open' };
  if ('code' in shape) return { kind: 'none', refusal: shape };
  const craft = getCraft(leg);
  if (legs.some((other) => other.system !== leg.system || !craft.goTogether(leg, other)))
    return { kind: 'none', refusal: { code: 'fitting-threads-differ' } };
  const chosen = node.part.kind === 'chosen' && shape.kinds.includes(node.part.part) ? node.part.part : null;
  return takePart(chosen ?? shape.kinds[0]!, shape.legs, catalogue);
}

/** What kinds of part fit the legs at a node, whatever their sizes; a refusal where none is made; `open` for a bare end. */
export function findShape(node: RunNode, legs: readonly Leg[]): FittingShape | FittingRefusal | 'open' {
  if (legs.length === 1) return findEndShape(node, legs[0]!);
  const males = legs.filter((leg) => isMaleAt(leg, node.id));
  if (males.length > 1) return { code: 'fitting-male-not-made', legs: legs.length };
  const [male] = males;
  if (legs.length === 2) return findPairShape(node, legs, male ?? null);
  if (male) return { code: 'fitting-male-not-made', legs: legs.length };
  return findTeeShape(node, legs);
}

function findEndShape(node: RunNode, leg: Leg): FittingShape | FittingRefusal | 'open' {
  const male = isMaleAt(leg, node.id);
  const kind = node.terminal?.kind;
  if (kind === 'cap' && !male) return { kinds: ['cap'], legs: [leg] };
  if (kind === 'plug') {
    return male ? { kinds: ['plug'], legs: [leg] } : { code: 'male-meets-male', part: 'plug' };
  }
  return leg.geometry.kind === 'made-up' ? { code: 'fitting-undecided' } : 'open';
}

/** Cosine between two ways out of a node: -1 straight through, 0 square, -√½ turned by 45°. */
function findPairShape(node: RunNode, legs: readonly Leg[], male: Leg | null): FittingShape | FittingRefusal {
  const [a, b] = legs as [Leg, Leg];
  const cosine = dot(getVectorFrom(a, node.id), getVectorFrom(b, node.id));
  if (isNear(cosine, 1)) return { code: 'fitting-legs-overlap', axis: findWayFrom(a, node.id) };
  const ordered = male ? [male === a ? b : a, male] : legs;
  if (isNear(cosine, -1)) return findStraightShape(ordered, male);
  if (isNear(cosine, 0)) return { kinds: [male ? 'street-90' : 'elbow-90'], legs: ordered };
  if (isNear(cosine, -Math.SQRT1_2)) return { kinds: [male ? 'street-45' : 'elbow-45'], legs: ordered };
  return { code: 'fitting-angle-not-made', degrees: 180 - (Math.acos(cosine) * 180) / Math.PI };
}

function findStraightShape(legs: readonly Leg[], male: Leg | null): FittingShape | FittingRefusal {
  const [first, second] = legs as [Leg, Leg];
  if (!male) {
    return { kinds: first.size === second.size ? ['coupling', 'union', 'valve'] : ['coupling'], legs };
  }
  // A bushing always reduces: its male is the larger thread.
  const reduces = NOMINAL_SIZES.indexOf(second.size) > NOMINAL_SIZES.indexOf(first.size);
  return reduces
    ? { kinds: ['hex-bushing', 'face-bushing'], legs }
    : { code: 'fitting-male-not-made', legs: 2 };
}

function findTeeShape(node: RunNode, legs: readonly Leg[]): FittingShape | FittingRefusal {
  const ways = legs.map((leg) => getVectorFrom(leg, node.id));
  const isPair = (i: number, j: number, cosine: number) => isNear(dot(ways[i]!, ways[j]!), cosine);
  const overlapping = legs.findIndex((_, i) => legs.some((__, j) => j > i && isPair(i, j, 1)));
  if (overlapping >= 0) {
    return { code: 'fitting-legs-overlap', axis: findWayFrom(legs[overlapping]!, node.id) };
  }
  const branch = legs.findIndex((_, i) => legs.every((__, j) => j === i || isPair(i, j, 0)));
  const run = legs.flatMap((_, i) => (i === branch ? [] : [i]));
  if (legs.length !== 3 || branch < 0 || !isPair(run[0]!, run[1]!, -1)) {
    return { code: 'fitting-directions-not-made', axes: legs.map((leg) => findWayFrom(leg, node.id)) };
  }
  return { kinds: ['tee'], legs: [...run, branch].map((i) => legs[i]!) };
}

const AS_GIVEN = [[0, 1, 2]] as const;
const EITHER_FIRST = [
  [0, 1, 2],
  [1, 0, 2],
] as const;

/** The orders in which legs may stand at the openings of a part: an elbow has no first end, a tee's run two. */
const ORDERS: Readonly<Record<BoughtKind, readonly (readonly number[])[]>> = {
  'elbow-90': EITHER_FIRST,
  'elbow-45': EITHER_FIRST,
  'street-90': AS_GIVEN,
  'street-45': AS_GIVEN,
  tee: EITHER_FIRST,
  coupling: EITHER_FIRST,
  union: EITHER_FIRST,
  valve: EITHER_FIRST,
  'hex-bushing': AS_GIVEN,
  'face-bushing': AS_GIVEN,
  plug: AS_GIVEN,
  cap: AS_GIVEN,
};

const inOrder = <Value>(values: readonly Value[], order: readonly number[]): Value[] =>
  order.slice(0, values.length).map((i) => values[i]!);

/** Takes the part of the sizes the legs have, and gives its ports to the legs. */
function takePart(kind: BoughtKind, legs: readonly Leg[], catalogue: Catalogue): Fitting {
  const [leg] = legs as [Leg];
  const { size } = leg;
  const craft = getCraft(leg);
  if (legs.every((leg) => leg.size === size)) {
    const part = craft.findPart(kind, leg, [size], catalogue);
    if (!part) return { kind: 'none', refusal: { code: 'fitting-size-not-made', part: kind, size } };
    return { kind: 'part', part, legs };
  }
  for (const order of ORDERS[kind]) {
    const ordered = inOrder(legs, order);
    const part = craft.findPart(
      kind,
      leg,
      ordered.map((each) => each.size),
      catalogue,
    );
    if (part) return { kind: 'part', part, legs: ordered };
  }
  const sizes = legs.map((each) => each.size);
  const nearest = findNearestSizes(kind, leg, sizes, catalogue);
  return { kind: 'none', refusal: { code: 'fitting-unequal-sizes', part: kind, sizes, nearest } };
}

/** The fitting with every opening at least as large as wanted and the least to bush down; sizes in the order wanted. */
function findNearestSizes(
  kind: BoughtKind,
  leg: Leg,
  wanted: readonly NominalSize[],
  catalogue: Catalogue,
): readonly NominalSize[] | null {
  const rank = (size: NominalSize) => NOMINAL_SIZES.indexOf(size);
  let best: { sizes: readonly NominalSize[]; steps: number } | null = null;
  for (const { sizes: openings } of getCraft(leg).listParts(kind, leg, catalogue)) {
    for (const order of ORDERS[kind]) {
      const sizes = inOrder(openings, order);
      const over = sizes.map((size, i) => rank(size) - rank(wanted[i]!));
      if (over.some((steps) => steps < 0)) continue;
      const steps = over.reduce((sum, each) => sum + each, 0);
      if (!best || steps < best.steps) best = { sizes, steps };
    }
  }
  return best?.sizes ?? null;
}
