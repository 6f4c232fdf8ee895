import type { Seat } from './seat.ts';
import type { NominalSize } from './size.ts';
import { THREAD_FAMILIES, type ThreadFamily } from './thread-family.ts';

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
export interface ThreadEnd {
  readonly kind: 'thread';
  readonly family: ThreadFamily;
  /** As the family names it: an old bore, a tube, a designation. */
  readonly size: string;
  readonly gender: Gender;
  /** Null: as its list has it. */
  readonly hand: Hand | null;
  readonly seat: Seat | 'unknown';
  readonly metal: Metal;
}

/** Kinds of tube. Copper of the water and of the refrigeration trade is named differently, not made so. */
export const TUBE_KINDS = ['copper', 'polyethylene', 'csst', 'steel'] as const;
export type TubeKind = (typeof TUBE_KINDS)[number];

/** A tube of the lists, by what it is and what it is called: `1/2 L`, `8 mm`, `1 IPS SDR 11`. */
export interface TubeName {
  readonly of: TubeKind;
  readonly name: string;
}

/** How copper is drawn: what is bought in a coil is soft, what is bought straight is mostly hard. */
export const TEMPERS = ['soft', 'hard', 'unknown'] as const;
export type Temper = (typeof TEMPERS)[number];

/** What was done to the end of a tube. */
export const PREPARATIONS = ['plain', 'flared', 'faced'] as const;
export type Preparation = (typeof PREPARATIONS)[number];

export interface TubeEnd extends TubeName {
  readonly kind: 'tube';
  readonly prepared: Preparation;
  /** Of copper; null where there is no such thing. */
  readonly temper: Temper | null;
}

/**
 * What a tube is put into: an O-ring stab coupling, a press coupling with its sealing ring (steel, copper), a CSST end fitting, the
 * body of a compression fitting, a capillary fitting for soft solder, a socket to be brazed.
 */
export const SOCKET_KINDS = [
  'stab', 'press', 'press-copper', 'csst-fitting', 'compression-body', 'capillary', 'brazed',
] as const; // prettier-ignore
export type SocketKind = (typeof SOCKET_KINDS)[number];

export interface SocketEnd {
  readonly kind: 'socket';
  readonly how: SocketKind;
  /** The tube it is made for. */
  readonly takes: TubeName;
}

/** Drillings of flanges; two of one drilling and size bolt together. */
export const FLANGE_DRILLINGS = ['class-150', 'pn-16'] as const;
export type FlangeDrilling = (typeof FLANGE_DRILLINGS)[number];

export interface FlangeEnd {
  readonly kind: 'flange';
  readonly size: NominalSize;
  readonly drilling: FlangeDrilling;
}

/** One half of a ground-joint union: the one with the cone and the nut, or the one with the socket and the thread. */
export interface UnionHalf {
  readonly kind: 'union-half';
  readonly size: NominalSize;
  readonly half: 'cone' | 'socket';
}

/** The spigot of a fitting that is melted to a polyethylene pipe, end to end. */
export interface FusionFace {
  readonly kind: 'fusion-face';
  readonly takes: TubeName;
}

/** Not told apart: between these threads, by their ids, the likeliest first; `among` is empty where nothing is known of it. */
export interface UnknownEnd {
  readonly kind: 'unknown';
  readonly among: readonly string[];
  readonly certainty: 'likely' | 'tie';
}

/** Anything that two things can be joined at. */
export type End = ThreadEnd | TubeEnd | SocketEnd | FlangeEnd | UnionHalf | FusionFace | UnknownEnd;

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
