import {
  type Catalogue,
  type PartShape,
  type BoughtKind,
  type Part,
  getPartKind,
  PART_KINDS,
} from '#core/catalogue';
import { type Craft, getCraft } from '#core/materials';
import { type LegSize, rankSize } from '#core/ends';
import { dot, isNear } from '#core/geometry';
import type { Fitting, FittingRefusal } from './fitting.ts';
import { joinByAdapters } from './join-by-adapters.ts';
import { canReduceBySets, reduceBySets } from './reduce-by-sets.ts';
import { findBendAt } from './find-bend.ts';
import { NO_CHAINS, type Chains, type Link } from './chains.ts';
import { joinAppliance, joinExisting } from './found-in-place.ts';
import { findWayFrom, getVectorFrom, hasPipe, isMaleAt, type Leg, type RunNode } from '#core/runs/document';
import { recallFitting } from './recall-fitting.ts';
import { matchPorts } from './match-ports.ts';

/** The kinds of part the legs at a node call for, the usual one first, and the legs in the order of its ports. */
export interface FittingShape {
  readonly kinds: readonly BoughtKind[];
  readonly legs: readonly Leg[];
}

/**
 * What the legs at a node call for. Two of one tube: the tube itself is bent. Tube and pipe: a fitting of the pipe, or an adapter. Else the fitting: two in line a coupling (a bushing where one end is male), two square or
 * at 45° an elbow (a street elbow), a straight pair and one square to it a tee; one leg its cap, plug, appliance or a
 * bare end. A kind chosen for the node stands where the legs fit it. Ports: run-a is the run port of the first leg.
 */
export function inferFitting(
  node: RunNode,
  legs: readonly Leg[],
  catalogue: Catalogue,
  chains: Chains = NO_CHAINS,
): Fitting {
  const [leg] = legs;
  if (!leg) return { kind: 'open' };
  const chain = chains.at.size === 0 ? undefined : chains.at.get(`${node.id}:${leg.id}`);
  if (legs.length === 1 && node.terminal?.kind === 'existing')
    return joinExisting(node, node.terminal, leg, catalogue, chain);
  if (legs.length === 1 && node.terminal?.kind === 'appliance')
    return joinAppliance(node, node.terminal, leg, catalogue, chain);
  const stands = chains.standing.size === 0 ? undefined : chains.standing.get(node.id);
  if (stands) {
    const met = stands.legs.map((id) => legs.find((each) => each.id === id)!);
    return { kind: 'part', part: turnPart(stands.link), legs: met, adapters: null };
  }
  return findBendAt(node, legs) ?? recallFitting(node, legs, catalogue, inferJoined);
}

/** A part with its openings in the order in which legs are made up in them. */
const turnPart = ({ part, inner, outer }: Link): Part =>
  part.ports[0] === inner ? part : { ...part, ports: [inner, outer] };

const inferJoined = (node: RunNode, legs: readonly Leg[], catalogue: Catalogue): Fitting =>
  joinByAdapters(node, legs, inferPart, catalogue) ?? inferPart(node, legs, catalogue);

/** The part that takes the legs at a node as they are. */
function inferPart(node: RunNode, legs: readonly Leg[], catalogue: Catalogue): Fitting {
  const shape = findShape(node, legs);
  if (shape === 'open') return { kind: 'open' };
  if ('code' in shape) return { kind: 'none', refusal: shape };
  const [leg] = legs as readonly [Leg];
  const craft = getCraft(leg);
  if (legs.some((other) => other.system !== leg.system || !craft.goTogether(leg, other)))
    return { kind: 'none', refusal: { code: 'fitting-threads-differ' } };
  const chosen = node.part.kind === 'chosen' && shape.kinds.includes(node.part.part) ? node.part.part : null;
  if (chosen === 'reducing-set') return reduceBySets(node, legs, inferPart, catalogue);
  return takePart(chosen ?? shape.kinds[0]!, shape.legs, catalogue);
}

/** What kinds of part fit the legs at a node, whatever is carried; a refusal where none is made; `open` for a bare end. */
export function findShape(node: RunNode, legs: readonly Leg[]): FittingShape | FittingRefusal | 'open' {
  if (legs.length === 1) return findEndShape(node, legs[0]!);
  const matches = findMatches(node.id, legs);
  if (matches.length === 0) return explainNoShape(node, legs);
  // Sizes decide last: what goes the same ways and reduces otherwise is not made, which is not a matter of ways.
  const kinds = getCraft(legs[0]!).listKinds(legs[0]!);
  const known = matches.filter(({ kind }) => kinds.includes(kind));
  if (known.length === 0) return explainNoShape(node, legs);
  const made = known.filter(({ kind, order }) => areSizesMade(getPartKind(kind).shape, legs, order));
  const [first] = made;
  if (!first) return { code: 'fitting-male-not-made', legs: legs.length };
  const sets = kinds.includes('reducing-set') && canReduceBySets(node, legs) ? ['reducing-set' as const] : [];
  return { kinds: [...made.map(({ kind }) => kind), ...sets], legs: inOrder(legs, first.order) };
}

/** A kind of part whose openings look where legs go, and which leg is made up in which of its ports. */
interface Match {
  readonly kind: BoughtKind;
  readonly order: readonly number[];
}
/** Ways with a name and genders → the kinds that go so: most nodes of a run look alike. */
const matchesOf = new Map<string, readonly Match[]>();

function findMatches(node: string, legs: readonly Leg[]): readonly Match[] {
  let key = '';
  for (const leg of legs) {
    const way = findWayFrom(leg, node);
    // The way of an offset has no name.
    if (way === null) return matchKinds(node, legs);
    key += isMaleAt(leg, node) ? `${way} male ` : `${way} `;
  }
  const known = matchesOf.get(key);
  if (known) return known;
  const found = matchKinds(node, legs);
  matchesOf.set(key, found);
  return found;
}

function matchKinds(node: string, legs: readonly Leg[]): Match[] {
  const males = legs.filter((leg) => isMaleAt(leg, node)).length;
  return listKinds(legs.length, males).flatMap((kind) => {
    const order = matchPorts(getPartKind(kind).shape, node, legs);
    return order ? [{ kind, order }] : [];
  });
}

const kindsBy = new Map<number, readonly BoughtKind[]>();

/** The kinds with so many openings, so many of them male. */
function listKinds(openings: number, males: number): readonly BoughtKind[] {
  const key = 10 * openings + males;
  const known = kindsBy.get(key);
  if (known) return known;
  const kinds = PART_KINDS.filter((kind) => {
    const { ports } = getPartKind(kind).shape;
    return ports.length === openings && ports.filter(({ gender }) => gender === 'male').length === males;
  });
  kindsBy.set(key, kinds);
  return kinds;
}

function areSizesMade({ sizes, ports }: PartShape, legs: readonly Leg[], order: readonly number[]): boolean {
  if (sizes === 'any') return true;
  if (sizes === 'equal') return legs.every(({ size }) => size === legs[0]!.size);
  // The male of what reduces is the larger.
  const rank = (gender: 'male' | 'female') =>
    rankSize(legs[order[ports.findIndex((port) => port.gender === gender)]!]!.size);
  return rank('male') > rank('female');
}

/** Why no kind of part fits: the first of what is wrong with the ways, then with the male ends. */
function explainNoShape(node: RunNode, legs: readonly Leg[]): FittingRefusal {
  const males = legs.filter((leg) => isMaleAt(leg, node.id)).length;
  if (males > 1 || (males > 0 && legs.length > 2))
    return { code: 'fitting-male-not-made', legs: legs.length };
  const ways = legs.map((leg) => getVectorFrom(leg, node.id));
  const overlapping = legs.findIndex((_, i) =>
    legs.some((__, j) => j > i && isNear(dot(ways[i]!, ways[j]!), 1)),
  );
  if (overlapping >= 0)
    return { code: 'fitting-legs-overlap', axis: findWayFrom(legs[overlapping]!, node.id) };
  if (legs.length > 2)
    return { code: 'fitting-directions-not-made', axes: legs.map((leg) => findWayFrom(leg, node.id)) };
  const cosine = dot(ways[0]!, ways[1]!);
  return { code: 'fitting-angle-not-made', degrees: 180 - (Math.acos(cosine) * 180) / Math.PI };
}

function findEndShape(node: RunNode, leg: Leg): FittingShape | FittingRefusal | 'open' {
  const male = isMaleAt(leg, node.id);
  const kind = node.terminal?.kind;
  if (kind === 'cap' && !male) return { kinds: ['cap'], legs: [leg] };
  if (kind === 'plug') {
    return male ? { kinds: ['plug'], legs: [leg] } : { code: 'male-meets-male', part: 'plug' };
  }
  return hasPipe(leg) ? 'open' : { code: 'fitting-undecided' };
}

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
    return { kind: 'part', part, legs, adapters: null };
  }
  for (const order of getPartKind(kind).orders) {
    const ordered = inOrder(legs, order);
    const part = craft.findPart(
      kind,
      leg,
      ordered.map((each) => each.size),
      catalogue,
    );
    if (part) return { kind: 'part', part, legs: ordered, adapters: null };
  }
  const sizes = legs.map((each) => each.size);
  const nearest = recallNearestSizes(kind, leg, sizes, catalogue);
  return { kind: 'none', refusal: { code: 'fitting-unequal-sizes', part: kind, sizes, nearest } };
}

/** Catalogue → kind and material → the parts of it: gone through once. */
const partsIn = new WeakMap<Catalogue, Map<string, ReturnType<Craft['listParts']>>>();

function listParts(kind: BoughtKind, leg: Leg, catalogue: Catalogue): ReturnType<Craft['listParts']> {
  const known = partsIn.get(catalogue) ?? new Map<string, ReturnType<Craft['listParts']>>();
  partsIn.set(catalogue, known);
  const key = `${kind} ${leg.material}`;
  const parts = known.get(key) ?? getCraft(leg).listParts(kind, leg, catalogue);
  known.set(key, parts);
  return parts;
}

/** Catalogue → what was looked for in it → what came nearest: a run has few kinds of corner, and a search goes through every part. */
const nearestIn = new WeakMap<Catalogue, Map<string, readonly LegSize[] | null>>();

function recallNearestSizes(
  kind: BoughtKind,
  leg: Leg,
  wanted: readonly LegSize[],
  catalogue: Catalogue,
): readonly LegSize[] | null {
  const known = nearestIn.get(catalogue) ?? new Map<string, readonly LegSize[] | null>();
  nearestIn.set(catalogue, known);
  const key = `${kind} ${leg.material} ${wanted.join('x')}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const found = findNearestSizes(kind, leg, wanted, catalogue);
  known.set(key, found);
  return found;
}

/** The fitting with every opening at least as large as wanted and the least to bush down; sizes in the order wanted. */
function findNearestSizes(
  kind: BoughtKind,
  leg: Leg,
  wanted: readonly LegSize[],
  catalogue: Catalogue,
): readonly LegSize[] | null {
  const rank = (size: LegSize) => rankSize(size);
  let best: { sizes: readonly LegSize[]; steps: number } | null = null;
  for (const { sizes: openings } of listParts(kind, leg, catalogue)) {
    for (const order of getPartKind(kind).orders) {
      const sizes = inOrder(openings, order);
      const over = sizes.map((size, i) => rank(size) - rank(wanted[i]!));
      if (over.some((steps) => steps < 0)) continue;
      const steps = over.reduce((sum, each) => sum + each, 0);
      if (!best || steps < best.steps) best = { sizes, steps };
    }
  }
  return best?.sizes ?? null;
}
