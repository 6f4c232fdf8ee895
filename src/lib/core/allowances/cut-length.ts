import type { Length } from '#core/units';

/** One end of a piece: reach of the fitting's port and engagement of the thread in it, nm. */
export interface PieceEnd {
  readonly reach: Length;
  readonly engagement: Length;
}

/**
 * Take-off (fitting allowance, nm): from the fitting's origin to the cut end of the pipe made up in it.
 * reach − engagement; an open end has neither and takes nothing off.
 */
export const getTakeOff = ({ reach, engagement }: PieceEnd): Length => reach - engagement;

/** Cut length (nm) = centre-to-centre − allowance A − allowance B. */
export const getCutByAllowances = (centreToCentre: Length, a: PieceEnd, b: PieceEnd): Length =>
  centreToCentre - getTakeOff(a) - getTakeOff(b);

/** Face-to-face (nm) = centre-to-centre − reach A − reach B. */
export const getFaceToFace = (centreToCentre: Length, a: PieceEnd, b: PieceEnd): Length =>
  centreToCentre - a.reach - b.reach;

/** Cut length (nm) = face-to-face + make-in A + make-in B: the same figure by the other road. */
export const getCutByMakeIn = (centreToCentre: Length, a: PieceEnd, b: PieceEnd): Length =>
  getFaceToFace(centreToCentre, a, b) + a.engagement + b.engagement;
