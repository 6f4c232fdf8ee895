import { AXES, getOpposite as getOppositeAxis, getVector as getAxisVector, type Axis } from './axis.ts';
import { addScaled, ORIGIN, type Vector } from './vector.ts';

/** The twelve ways that lie halfway between two square ones, as a 45° elbow turns. */
export const DIAGONALS = [
  'up-right', 'up-left', 'up-back', 'up-out', 'down-right', 'down-left', 'down-back', 'down-out',
  'back-right', 'back-left', 'out-right', 'out-left',
] as const; // prettier-ignore
export type Diagonal = (typeof DIAGONALS)[number];

/** A way a leg can go without a figure that says how far it is turned: square, or halfway between two square ones. */
export type Way = Axis | Diagonal;
export const WAYS: readonly Way[] = [...AXES, ...DIAGONALS];

/** The two square ways a diagonal lies between. */
export const getSquareWays = (diagonal: Diagonal): [Axis, Axis] => diagonal.split('-') as [Axis, Axis];

/** Whether a text names a way a leg can go. */
export const isWay = (text: string): text is Way => (WAYS as readonly string[]).includes(text);
/** Whether a way is one of the six square ones. */
export const isAxis = (way: Way): way is Axis => (AXES as readonly string[]).includes(way);

const VECTORS = new Map<Way, Vector>(
  WAYS.map((way) => {
    if (isAxis(way)) return [way, getAxisVector(way)];
    const [a, b] = getSquareWays(way).map(getAxisVector);
    return [way, addScaled(addScaled(ORIGIN, a!, Math.SQRT1_2), b!, Math.SQRT1_2)];
  }),
);

/** Unit vector of a way. */
export const getWayVector = (way: Way): Vector => VECTORS.get(way)!;

/** The way back. */
export function getOppositeWay(way: Way): Way {
  if (isAxis(way)) return getOppositeAxis(way);
  const [a, b] = getSquareWays(way);
  return `${getOppositeAxis(a)}-${getOppositeAxis(b)}` as Diagonal;
}

/** The way halfway between two square ones that are square to each other; null for the same or opposite ones. */
export const findDiagonal = (a: Axis, b: Axis): Diagonal | null =>
  DIAGONALS.find((each) => each === `${a}-${b}` || each === `${b}-${a}`) ?? null;
