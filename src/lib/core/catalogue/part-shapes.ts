import type { Gender } from '#core/ends';
import type { Vector } from '#core/geometry';
import type { BoughtKind } from './part.ts';

/** An opening of a kind of part: the way it looks from the part's origin (unit vector), and whether it goes in or takes in. */
export interface PortShape {
  readonly id: string;
  readonly way: Vector;
  readonly gender: Gender;
}

export interface PartShape {
  readonly ports: readonly PortShape[];
  /** Which sizes its openings may have: all one, any, or a male larger than the female (it reduces). */
  readonly sizes: 'equal' | 'any' | 'reduces';
}

const RIGHT: Vector = { x: 1, y: 0, z: 0 };
const LEFT: Vector = { x: -1, y: 0, z: 0 };
const UP: Vector = { x: 0, y: 0, z: 1 };
const DOWN: Vector = { x: 0, y: 0, z: -1 };
/** Where the second opening of a 45° elbow looks, the first looking left. */
const SLANT: Vector = { x: Math.SQRT1_2, y: 0, z: Math.SQRT1_2 };

const port = (id: string, way: Vector, gender: Gender = 'female'): PortShape => ({ id, way, gender });
const straight = (sizes: PartShape['sizes']): PartShape => ({
  ports: [port('a', LEFT), port('b', RIGHT)],
  sizes,
});
const adapter: PartShape = { ports: [port('tube', LEFT), port('thread', RIGHT)], sizes: 'any' };
const bushing: PartShape = { ports: [port('small', LEFT), port('large', RIGHT, 'male')], sizes: 'reduces' };

/** Every kind that is bought, in the order in which it is taken where several fit: the usual one first. */
export const PART_SHAPES: Readonly<Record<BoughtKind, PartShape>> = {
  coupling: straight('any'),
  union: straight('equal'),
  valve: straight('equal'),
  'elbow-90': { ports: [port('a', LEFT), port('b', UP)], sizes: 'any' },
  'elbow-45': { ports: [port('a', LEFT), port('b', SLANT)], sizes: 'any' },
  'street-90': { ports: [port('female', LEFT), port('male', UP, 'male')], sizes: 'any' },
  'street-45': { ports: [port('female', LEFT), port('male', SLANT, 'male')], sizes: 'any' },
  tee: { ports: [port('run-a', LEFT), port('run-b', RIGHT), port('branch', UP)], sizes: 'any' },
  'hex-bushing': bushing,
  'face-bushing': bushing,
  plug: { ports: [port('male', RIGHT, 'male')], sizes: 'any' },
  cap: { ports: [port('a', LEFT)], sizes: 'any' },
  // Without a stop, so that it slides over a tube that cannot be pulled back: it closes a gap between two fixed ends.
  'slip-coupling': straight('equal'),
  // Between tube and pipe thread: which of its ends goes in is told by what it meets.
  adapter,
  flange: adapter,
  // In place of the olive in a compression body: a smaller tube goes in it.
  'reducing-set': bushing,
  // Of the maker of a tubing: gas comes in at one opening and leaves by three, square to one another.
  manifold: {
    ports: [port('run-a', LEFT), port('run-b', RIGHT), port('branch-a', UP), port('branch-b', DOWN)],
    sizes: 'any',
  },
  // Out of the ground: the pipe comes in level, its head stands upright.
  riser: { ports: [port('tube', LEFT), port('thread', UP)], sizes: 'any' },
  // Between two ends that are there: they are chosen, never inferred where legs meet.
  nipple: { ports: [port('a', LEFT, 'male'), port('b', RIGHT, 'male')], sizes: 'any' },
  converter: straight('any'),
  swivel: straight('any'),
  'dielectric-union': straight('equal'),
  'threaded-flange': straight('equal'),
  'connector-fitting': straight('any'),
  connector: straight('any'),
  hose: straight('any'),
  'cooker-hose': straight('any'),
  'clipped-hose': straight('any'),
  // Gas comes in at the first.
  'cylinder-regulator': straight('any'),
  'first-stage-regulator': straight('any'),
  'second-stage-regulator': straight('any'),
  tail: straight('any'),
};

/** The way a port of a kind looks. */
export function getPortWay(kind: BoughtKind, id: string): Vector {
  const found = PART_SHAPES[kind].ports.find((each) => each.id === id);
  if (!found) throw new Error(`a ${kind} has no port ${id}`);
  return found.way;
}
