import type { ThreadFamily, FlangeEnd, UnionHalf } from '#core/ends';
import type { FiguredEnd, FiguredSocket, FiguredThread, FiguredTube } from '#core/catalogue';

/** Two ends in the order in which rules look at them: whichever is given first, the pair is the same. */
export type Pair =
  | { readonly kind: 'unknown' }
  | { readonly kind: 'same-gender'; readonly gender: 'male' | 'female' }
  | { readonly kind: 'threads'; readonly male: FiguredThread; readonly female: FiguredThread }
  | { readonly kind: 'tube-thread'; readonly tube: FiguredTube; readonly thread: FiguredThread }
  | { readonly kind: 'tubes'; readonly a: FiguredTube; readonly b: FiguredTube }
  | { readonly kind: 'tube-socket'; readonly tube: FiguredTube; readonly socket: FiguredSocket }
  | { readonly kind: 'unions'; readonly a: UnionHalf; readonly b: UnionHalf }
  | { readonly kind: 'flanges'; readonly a: FlangeEnd; readonly b: FlangeEnd }
  | { readonly kind: 'strangers' };

/** Puts two ends in order. */
export function makePair(a: FiguredEnd, b: FiguredEnd): Pair {
  if (a.kind === 'unknown' || b.kind === 'unknown') return { kind: 'unknown' };
  if (a.kind === 'thread' && b.kind === 'thread') {
    if (a.thread.gender === b.thread.gender) return { kind: 'same-gender', gender: a.thread.gender };
    return a.thread.gender === 'male'
      ? { kind: 'threads', male: a, female: b }
      : { kind: 'threads', male: b, female: a };
  }
  if (a.kind === 'tube' && b.kind === 'tube') return { kind: 'tubes', a, b };
  if (a.kind === 'union-half' && b.kind === 'union-half') return { kind: 'unions', a, b };
  if (a.kind === 'flange' && b.kind === 'flange') return { kind: 'flanges', a, b };
  if (a.kind === 'tube') return makeTubePair(a, b);
  return b.kind === 'tube' ? makeTubePair(b, a) : { kind: 'strangers' };
}

function makeTubePair(tube: FiguredTube, other: FiguredEnd): Pair {
  if (other.kind === 'thread') return { kind: 'tube-thread', tube, thread: other };
  return other.kind === 'socket' ? { kind: 'tube-socket', tube, socket: other } : { kind: 'strangers' };
}

export type ThreadPair = Extract<Pair, { kind: 'threads' }>;

/** Two threads of one hand: what every rule about two threads begins with. */
export const asThreads = (pair: Pair): ThreadPair | null =>
  pair.kind === 'threads' && pair.male.thread.hand === pair.female.thread.hand ? pair : null;

/** The two systems of pipe thread, 60° and 55°; every other thread is a straight one of its own. */
export type ThreadSystem = 'american-pipe' | 'british-pipe' | 'other';

const SYSTEMS: Readonly<Partial<Record<ThreadFamily, ThreadSystem>>> = {
  npt: 'american-pipe', nptf: 'american-pipe', npsm: 'american-pipe',
  r: 'british-pipe', rc: 'british-pipe', rp: 'british-pipe', g: 'british-pipe',
}; // prettier-ignore
/** The system of pipe thread a family belongs to. */
export const getSystem = (family: ThreadFamily): ThreadSystem => SYSTEMS[family] ?? 'other';

/** The families of a pair, the male first. */
export const familiesOf = ({ male, female }: ThreadPair): readonly [ThreadFamily, ThreadFamily] => [
  male.thread.family,
  female.thread.family,
];
/** Whether both are called by one size. */
export const isSameSize = ({ male, female }: ThreadPair): boolean => male.thread.size === female.thread.size;

/**
 * Nut and body of one family that are made for one another: of one size, or of one thread where each has a name of its own, as
 * the valve of a cylinder and its nut have.
 */
export function isNutAndBody(threads: ThreadPair): boolean {
  const [male, female] = familiesOf(threads);
  return male === female && (isSameSize(threads) || (male === 'cylinder' && isSameThread(threads)));
}

/** Straight threads that screw together whatever they are called: one diameter, one pitch, one flank. */
export function isSameThread({ male, female }: ThreadPair): boolean {
  const [a, b] = [male.thread, female.thread];
  const pitch = 25.4 / a.perInch;
  return (
    a.flank === b.flank &&
    Math.abs(25.4 / b.perInch - pitch) < 0.004 &&
    Math.abs(a.pitchLine - b.pitchLine) < 0.08 * pitch
  );
}
