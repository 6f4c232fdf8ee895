import type { ListedThread } from '../catalogue/listed-thread.ts';
import type { NominalSize } from '../catalogue/size.ts';
import type { Seat } from '../identify/observation.ts';

/** What a threaded end is made of, as far as a joint cares. */
export const END_MATERIALS = ['black-iron', 'galvanised', 'brass', 'steel'] as const;
export type EndMaterial = (typeof END_MATERIALS)[number];

/** Kinds of tube with a plain end. Copper of the water and of the refrigeration trade is named differently, not made so. */
export const TUBE_KINDS = ['copper', 'polyethylene', 'csst', 'steel'] as const;
export type TubeKind = (typeof TUBE_KINDS)[number];

/** A threaded end. The seat is what the end has to seal against: a cone, a flat for a washer, nothing, or not looked at yet. */
export interface ThreadEnd {
  readonly kind: 'thread';
  readonly thread: ListedThread;
  readonly seat: Seat | 'unknown';
  readonly material: EndMaterial;
}

/** How copper is drawn: what is bought in a coil is soft, what is bought straight is mostly hard. */
export const TEMPERS = ['soft', 'hard', 'unknown'] as const;
export type Temper = (typeof TEMPERS)[number];

/** A plain tube end; diameters in mm. */
export interface TubeEnd {
  readonly kind: 'tube';
  readonly tube: TubeKind;
  /** As it is called: `1/2 L`, `8 mm`, `1 IPS SDR 11`. */
  readonly name: string;
  readonly outside: number;
  /** Outside over wall; null where the wall does not matter. */
  readonly sdr: number | null;
  /** Of copper; null where there is no such thing. */
  readonly temper: Temper | null;
}

/** Sockets that a tube is put into: an O-ring stab coupling, a press coupling with its sealing ring, a CSST end fitting. */
export const SOCKET_KINDS = ['stab', 'press', 'csst-fitting'] as const;
export type SocketKind = (typeof SOCKET_KINDS)[number];

export interface SocketEnd {
  readonly kind: 'socket';
  readonly socket: SocketKind;
  readonly name: string;
  /** Outside of the tube it is made for, mm. */
  readonly takes: number;
  readonly sdr: number | null;
}

/** One half of a ground-joint union: the one with the cone and the nut, or the one with the socket and the thread. */
export interface UnionHalf {
  readonly kind: 'union-half';
  readonly size: NominalSize;
  readonly half: 'cone' | 'socket';
}

/** Not told apart yet, or told apart only between several. */
export interface UnknownEnd {
  readonly kind: 'unknown';
}

/** Anything that two things can be joined at. */
export type JointEnd = ThreadEnd | TubeEnd | SocketEnd | UnionHalf | UnknownEnd;
