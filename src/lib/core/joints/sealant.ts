import type { TaperThread } from '#core/catalogue';
import { toMillimetres, type Length } from '#core/units';
import type { JointKind } from './kinds/joint-kind.ts';

/** What a taper joint takes of sealant. */
export interface SealantNeeded {
  readonly wraps: number;
  /** Tape to wind, nm. */
  readonly tape: Length;
  /** Compound for a thin film on the threads it goes on, millilitres; about. */
  readonly compound: number;
}

/** Each wrap lies half over the one before and the end is pulled on: that much more than a plain turn. An estimate. */
export const OVERLAP_FACTOR = 1.1;
/** A thin film that fills the flanks, mm. An estimate: what is left over is wiped off. */
const FILM = 0.15;
/** A thread's flanks are about this much longer than the cylinder they stand on (60° form). */
const FLANK_FACTOR = 2;

/**
 * Tape (nm) = wraps × π × outside diameter × overlap; compound (ml) = film over the flanks from the second thread to the
 * last one engaged. Null for a kind of joint on which nothing goes.
 */
export function getSealant(
  kind: JointKind,
  thread: TaperThread,
  engagement: Length,
  wraps: number,
): SealantNeeded | null {
  if (kind.sealant === 'never' || kind.sealantFromThread === null) return null;
  const around = Math.PI * thread.major;
  const bare = ((kind.sealantFromThread - 1) * 25.4) / thread.threadsPerInch;
  const covered = Math.max(0, toMillimetres(engagement) - bare);
  const area = toMillimetres(around) * covered * FLANK_FACTOR;
  return { wraps, tape: Math.round(wraps * around * OVERLAP_FACTOR), compound: (area * FILM) / 1000 };
}
