import {
  by,
  fields,
  LIMITS,
  list,
  oneOf,
  orNull,
  pattern,
  text,
  type Shape,
  type TypeOf,
} from '#core/shapes';
import { SEATS } from './seat.ts';
import { NOMINAL_SIZES } from './size.ts';
import { THREAD_FAMILIES } from './thread-family.ts';

/*
 * The one vocabulary of ends: ports of parts, what was found in place, specimens, what a leg ends in, two ends held together. Plain
 * JSON, as it stands in documents: what it measures is in the registry (joints/end-registry.ts), by what it is called.
 */

export const GENDERS = ['male', 'female'] as const;
export type Gender = (typeof GENDERS)[number];
/** The gender that goes with one. */
export const getOppositeGender = (gender: Gender): Gender => (gender === 'male' ? 'female' : 'male');
export const HANDS = ['right', 'left'] as const;
export type Hand = (typeof HANDS)[number];

/** What a threaded end is made of, as far as a joint cares. */
export const METALS = ['black-iron', 'galvanised', 'brass', 'steel'] as const;
export type Metal = (typeof METALS)[number];
/** What an end is taken to be made of where nothing is said. */
export const USUAL_METAL: Metal = 'black-iron';

/** A threaded end. The seat is what the end has to seal against: a cone, a flat for a washer, nothing, or not looked at yet. */
const THREAD_END = fields({
  kind: oneOf(['thread']),
  family: oneOf(THREAD_FAMILIES),
  /** As the family names it: an old bore, a tube, a designation. */
  size: text(LIMITS.name),
  gender: oneOf(GENDERS),
  /** Null: as its list has it. */
  hand: orNull(oneOf(HANDS)),
  seat: oneOf([...SEATS, 'unknown']),
  metal: oneOf(METALS),
});
export type ThreadEnd = TypeOf<typeof THREAD_END>;

/** Kinds of tube. Copper of the water and of the refrigeration trade is named differently, not made so. */
export const TUBE_KINDS = ['copper', 'polyethylene', 'csst', 'steel'] as const;
export type TubeKind = (typeof TUBE_KINDS)[number];

/** A tube of the lists, by what it is and what it is called: `1/2 L`, `8 mm`, `1 IPS SDR 11`. */
const tubeName = { of: oneOf(TUBE_KINDS), name: text(LIMITS.name) };
const TUBE_NAME = fields(tubeName);
export type TubeName = TypeOf<typeof TUBE_NAME>;

/** How copper is drawn: what is bought in a coil is soft, what is bought straight is mostly hard. */
export const TEMPERS = ['soft', 'hard', 'unknown'] as const;
export type Temper = (typeof TEMPERS)[number];

/** What was done to the end of a tube. */
export const PREPARATIONS = ['plain', 'flared', 'faced'] as const;
export type Preparation = (typeof PREPARATIONS)[number];

const TUBE_END = fields({
  kind: oneOf(['tube']),
  ...tubeName,
  prepared: oneOf(PREPARATIONS),
  /** Of copper; null where there is no such thing. */
  temper: orNull(oneOf(TEMPERS)),
});
export type TubeEnd = TypeOf<typeof TUBE_END>;

/**
 * What a tube is put into: an O-ring stab coupling, a press coupling with its sealing ring (steel, copper), a CSST end fitting, the
 * body of a compression fitting, a capillary fitting for soft solder, a socket to be brazed.
 */
export const SOCKET_KINDS = [
  'stab', 'press', 'press-copper', 'csst-fitting', 'compression-body', 'capillary', 'brazed',
] as const; // prettier-ignore
export type SocketKind = (typeof SOCKET_KINDS)[number];

const SOCKET_END = fields({
  kind: oneOf(['socket']),
  how: oneOf(SOCKET_KINDS),
  /** The tube it is made for. */
  takes: TUBE_NAME,
});
export type SocketEnd = TypeOf<typeof SOCKET_END>;

/** Drillings of flanges; two of one drilling and size bolt together. */
export const FLANGE_DRILLINGS = ['class-150', 'pn-16'] as const;
export type FlangeDrilling = (typeof FLANGE_DRILLINGS)[number];

const FLANGE_END = fields({
  kind: oneOf(['flange']),
  size: oneOf(NOMINAL_SIZES),
  drilling: oneOf(FLANGE_DRILLINGS),
});
export type FlangeEnd = TypeOf<typeof FLANGE_END>;

/** One half of a ground-joint union: the one with the cone and the nut, or the one with the socket and the thread. */
const UNION_HALF = fields({
  kind: oneOf(['union-half']),
  size: oneOf(NOMINAL_SIZES),
  half: oneOf(['cone', 'socket']),
});
export type UnionHalf = TypeOf<typeof UNION_HALF>;

/** The spigot of a fitting that is melted to a polyethylene pipe, end to end. */
const FUSION_FACE = fields({ kind: oneOf(['fusion-face']), takes: TUBE_NAME });
export type FusionFace = TypeOf<typeof FUSION_FACE>;

/** Not told apart: between these threads, by their ids, the likeliest first; `among` is empty where nothing is known of it. */
const UNKNOWN = fields({
  kind: oneOf(['unknown']),
  among: list(pattern(/^[a-z][A-Za-z0-9 ./:()_,-]{2,119}$/), 0, 40),
  certainty: oneOf(['likely', 'tie']),
});
export type UnknownEnd = TypeOf<typeof UNKNOWN>;

/** Anything that two things can be joined at. */
export type End = ThreadEnd | TubeEnd | SocketEnd | FlangeEnd | UnionHalf | FusionFace | UnknownEnd;

const KINDS = {
  thread: THREAD_END,
  tube: TUBE_END,
  socket: SOCKET_END,
  flange: FLANGE_END,
  'union-half': UNION_HALF,
  'fusion-face': FUSION_FACE,
  unknown: UNKNOWN,
} satisfies { readonly [Kind in End['kind']]: Shape<Extract<End, { kind: Kind }>> };

/** What documents hold of an end: what it is called, never its figures. */
export const END: Shape<End> = by('kind', KINDS);

/** An end of some kinds only. */
export const endOfKinds = <Kind extends End['kind']>(
  ...among: readonly Kind[]
): Shape<Extract<End, { readonly kind: Kind }>> =>
  by('kind', Object.fromEntries(among.map((kind): [string, Shape<unknown>] => [kind, KINDS[kind]]))) as Shape<
    Extract<End, { readonly kind: Kind }>
  >;

export const UNKNOWN_END: UnknownEnd = { kind: 'unknown', among: [], certainty: 'tie' };

/** The id under which a thread is listed: `npt-1/2-male`. */
export const getThreadId = ({
  family,
  size,
  gender,
}: Pick<ThreadEnd, 'family' | 'size' | 'gender'>): string => `${family}-${size}-${gender}`;

/** What the id of a thread says of it; null for what is none. */
export function readThreadId(id: string): Pick<ThreadEnd, 'family' | 'size' | 'gender'> | null {
  const family = THREAD_FAMILIES.find((each) => id.startsWith(`${each}-`));
  const gender = GENDERS.find((each) => id.endsWith(`-${each}`));
  if (!family || !gender || id.length <= family.length + gender.length + 2) return null;
  return { family, size: id.slice(family.length + 1, -gender.length - 1), gender };
}

/** What an end is called by size: of a thread, a pipe, the tube it is or takes; empty where it is not known. */
export function getEndSize(end: End): string {
  switch (end.kind) {
    case 'thread':
    case 'flange':
    case 'union-half':
      return end.size;
    case 'tube':
      return end.name;
    case 'socket':
    case 'fusion-face':
      return end.takes.name;
    case 'unknown':
      return '';
  }
}

/** Whether it goes into something: a male thread, a tube's end. A measure to it is taken to its end, not to a face. */
export const goesIn = (end: End): boolean =>
  end.kind === 'thread' ? end.gender === 'male' : end.kind === 'tube' || end.kind === 'fusion-face';
