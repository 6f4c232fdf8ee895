import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Part, PART_KINDS, PartKind, Port } from '../catalogue/part.ts';
import { NOMINAL_SIZES, type NominalSize } from '../catalogue/size.ts';
import { getOpposite, type Axis } from '../geometry/axis.ts';
import type { SpecimenEnd } from '../identify/specimen.ts';
import type { Leg, RunNode } from './run.ts';

/** What stands at a node: a bought part with a port for each leg, a bare end, or nothing that is made. */
export type Fitting =
  | {
      readonly kind: 'part';
      readonly part: Part;
      /** The legs made up in it, in the order of the part's ports. */
      readonly legs: readonly Leg[];
    }
  | { readonly kind: 'open' }
  | { readonly kind: 'none'; readonly refusal: FittingRefusal };

/** Why no fitting of the catalogue stands at a node. Sizes in the order of the legs. */
export type FittingRefusal =
  | { readonly code: 'fitting-size-not-made'; readonly part: PartKind; readonly size: NominalSize }
  | {
      readonly code: 'fitting-unequal-sizes';
      readonly part: PartKind;
      /** Wanted, in the order of the part's openings. */
      readonly sizes: readonly NominalSize[];
      /** The carried fitting that comes nearest, each opening at least as large: bushings make up the difference. */
      readonly nearest: readonly NominalSize[] | null;
    }
  /** What was found in place is not told apart, so what makes up in it is not known. */
  | { readonly code: 'existing-end-not-told-apart'; readonly end: SpecimenEnd }
  /** What was found in place takes no pipe of this size with its taper thread. */
  | { readonly code: 'existing-end-takes-no-pipe'; readonly end: SpecimenEnd; readonly size: NominalSize }
  | { readonly code: 'fitting-legs-overlap'; readonly axis: Axis }
  | { readonly code: 'fitting-directions-not-made'; readonly axes: readonly Axis[] };

/** The port of a fitting in which a leg is made up; null where no part stands, or the leg does not meet it. */
export const findPort = (fitting: Fitting, leg: string): Port | null =>
  fitting.kind === 'part'
    ? (fitting.part.ports[fitting.legs.findIndex(({ id }) => id === leg)] ?? null)
    : null;

/** The direction in which a leg leaves a node. */
export const getAxisFrom = (leg: Leg, node: string): Axis =>
  leg.from === node ? leg.geometry.axis : getOpposite(leg.geometry.axis);

/**
 * The fitting that the legs at a node call for: two in line a coupling, two square an elbow, a straight pair
 * and one square to it a tee; one leg its cap or a bare end. Ports: run-a is the run port of the first leg.
 */
export function inferFitting(node: RunNode, legs: readonly Leg[], catalogue: Catalogue): Fitting {
  if (legs.length === 0) return { kind: 'open' };
  if (legs.length === 1) {
    if (node.terminal?.kind === 'existing') return joinExisting(node.terminal.end, legs);
    if (node.terminal?.kind !== 'cap') return { kind: 'open' };
    return takePart('cap', legs, catalogue);
  }
  const axes = legs.map((leg) => getAxisFrom(leg, node.id));
  const doubled = axes.find((axis, i) => axes.indexOf(axis) !== i);
  if (doubled) return { kind: 'none', refusal: { code: 'fitting-legs-overlap', axis: doubled } };
  if (legs.length === 2) {
    return takePart(getOpposite(axes[0]!) === axes[1] ? 'coupling' : 'elbow-90', legs, catalogue);
  }
  const branch = axes.findIndex((axis) => !axes.includes(getOpposite(axis)));
  if (legs.length > 3 || axes.filter((axis) => axes.includes(getOpposite(axis))).length !== 2) {
    return { kind: 'none', refusal: { code: 'fitting-directions-not-made', axes } };
  }
  const run = legs.filter((_, i) => i !== branch);
  return takePart('tee', [...run, legs[branch]!], catalogue);
}

/** Pipe makes up in a female NPT of its size; of anything else found in place, a transition must be found. */
function joinExisting(end: SpecimenEnd, legs: readonly Leg[]): Fitting {
  const { size } = legs[0]!;
  if (end.certainty === 'tie') return { kind: 'none', refusal: { code: 'existing-end-not-told-apart', end } };
  const takesPipe = (end.family === 'npt' || end.family === 'nptf') && end.gender === 'female';
  if (!takesPipe || end.size !== size) {
    return { kind: 'none', refusal: { code: 'existing-end-takes-no-pipe', end, size } };
  }
  const part: Part = {
    id: `as-found/npt-female/${size}`,
    kind: 'existing',
    size,
    material: 'as-found',
    // Measured from its own mouth: nothing of it stands between.
    ports: [
      {
        id: 'mouth',
        end: { family: 'NPT', size, gender: 'female' },
        reach: { standing: 'entered', length: 0, by: 'measured from its mouth' },
      },
    ],
  };
  return { kind: 'part', part, legs };
}

/** The orders in which legs may stand at the openings of a part: an elbow has no first end, a tee's run two. */
const ORDERS: Readonly<Record<(typeof PART_KINDS)[number], readonly (readonly number[])[]>> = {
  'elbow-90': [
    [0, 1],
    [1, 0],
  ],
  coupling: [
    [0, 1],
    [1, 0],
  ],
  tee: [
    [0, 1, 2],
    [1, 0, 2],
  ],
  cap: [[0]],
};

/** Takes the part of the sizes the legs have, and gives its ports to the legs. */
function takePart(kind: (typeof PART_KINDS)[number], legs: readonly Leg[], catalogue: Catalogue): Fitting {
  const size = legs[0]!.size;
  if (legs.every((leg) => leg.size === size)) {
    const part = catalogue.findPart(kind, size);
    if (!part) return { kind: 'none', refusal: { code: 'fitting-size-not-made', part: kind, size } };
    return { kind: 'part', part, legs };
  }
  for (const order of ORDERS[kind]) {
    const ordered = order.map((i) => legs[i]!);
    const part = catalogue.findSized(
      kind,
      ordered.map((leg) => leg.size),
    );
    if (part) return { kind: 'part', part, legs: ordered };
  }
  const sizes = legs.map((leg) => leg.size);
  const nearest = findNearestSizes(kind, sizes, catalogue);
  return { kind: 'none', refusal: { code: 'fitting-unequal-sizes', part: kind, sizes, nearest } };
}

/** The fitting with every opening at least as large as wanted and the least to bush down; sizes in the order wanted. */
function findNearestSizes(
  kind: (typeof PART_KINDS)[number],
  wanted: readonly NominalSize[],
  catalogue: Catalogue,
): readonly NominalSize[] | null {
  const rank = (size: NominalSize) => NOMINAL_SIZES.indexOf(size);
  let best: { sizes: readonly NominalSize[]; steps: number } | null = null;
  for (const part of catalogue.parts) {
    if (part.kind !== kind) continue;
    for (const order of ORDERS[kind]) {
      const sizes = order.map((i) => part.ports[i]!.end.size);
      const over = sizes.map((size, i) => rank(size) - rank(wanted[i]!));
      if (over.some((steps) => steps < 0)) continue;
      const steps = over.reduce((sum, each) => sum + each, 0);
      if (!best || steps < best.steps) best = { sizes, steps };
    }
  }
  return best?.sizes ?? null;
}
