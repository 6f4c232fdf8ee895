import type { Millimetres } from '#core/units';
import type { ListedThread } from './listed-thread.ts';
import type {
  End,
  FlangeEnd,
  Metal,
  Preparation,
  SocketKind,
  Temper,
  TubeKind,
  UnionHalf,
  UnknownEnd,
  Seat,
} from '#core/ends';

/*
 * Ends with their figures beside them, as the rules about pairs and the lens need them. What stands in documents is the plain end
 * (ends/end.ts); the registry (end-registry.ts) puts the figures to it.
 */

export interface FiguredThread {
  readonly kind: 'thread';
  /** As listed, but of the hand the end has. */
  readonly thread: ListedThread;
  readonly seat: Seat | 'unknown';
  readonly metal: Metal;
}

/** A tube's end, or the spigot of a fusion fitting, which is one. Diameters in mm. */
export interface FiguredTube {
  readonly kind: 'tube';
  readonly tube: TubeKind;
  readonly name: string;
  readonly outside: Millimetres;
  /** Outside over wall; null where the wall does not matter. */
  readonly sdr: number | null;
  readonly prepared: Preparation;
  readonly temper: Temper | null;
}

export interface FiguredSocket {
  readonly kind: 'socket';
  readonly socket: SocketKind;
  readonly name: string;
  /** The kind of tube it is made for, and its outside, mm. */
  readonly of: TubeKind;
  readonly takes: Millimetres;
  readonly sdr: number | null;
}

/** The plain end of one with its figures, as documents and questions hold it. */
export function toPlainEnd(end: FiguredEnd): End {
  switch (end.kind) {
    case 'thread': {
      const { family, size, gender, hand } = end.thread;
      return { kind: 'thread', family, size, gender, hand, seat: end.seat, metal: end.metal };
    }
    case 'tube':
      return { kind: 'tube', of: end.tube, name: end.name, prepared: end.prepared, temper: end.temper };
    case 'socket':
      return { kind: 'socket', how: end.socket, takes: { of: end.of, name: end.name } };
    default:
      return end;
  }
}

export type FiguredEnd = FiguredThread | FiguredTube | FiguredSocket | FlangeEnd | UnionHalf | UnknownEnd;
