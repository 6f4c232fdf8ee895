import { type End, rankSize, type LegSize, type TubeEnd, type TubeName } from '#core/ends';
import { JOINS } from './joins/joins.ts';
import type { TubeJoin } from './part.ts';
import { getCopperOutside, getPeFigures, isCopperSize, isPeSize } from './tube-sizes.ts';

/** The tube of the lists that fittings of a size are marked for. */
export const getTubeOf = (join: TubeJoin, size: LegSize): TubeName => ({
  of: JOINS[join].tube,
  name: JOINS[join].nameTube(size),
});

/** The opening of a fitting that a tube is joined to: what takes it; of a flare fitting the cone its nut is screwed on. */
export function makeTubeOpening(join: TubeJoin, size: LegSize): End {
  const { socket, makeOpening } = JOINS[join];
  if (!socket) return makeOpening!(size);
  return { kind: 'socket', how: socket.how, takes: getTubeOf(join, size) };
}

/** The tube that fittings of a size are marked for: cut square, or faced to be melted. */
export const makePlainEnd = (join: TubeJoin, size: LegSize): TubeEnd => ({
  kind: 'tube',
  ...getTubeOf(join, size),
  prepared: JOINS[join].prepared,
  temper: null,
});

/** To tell the larger of two sizes of one list: copper and polyethylene by their outside, others by their place. */
export const getWidth = (size: LegSize): number =>
  isCopperSize(size) ? getCopperOutside(size) : isPeSize(size) ? getPeFigures(size).outside : rankSize(size);
