import type { TaperThread } from '#core/catalogue';
import { INCH, type Length } from '#core/units';

/** What there is to say of an engagement figure of the shop's own. */
export type EngagementDoubt =
  /** More than the whole thread: no fitting takes it. */
  | { readonly code: 'over-thread'; readonly most: Length }
  /** The length of thread that is cut: that is not how far it goes in. */
  | { readonly code: 'thread-cut'; readonly cut: Length; readonly usual: Length };

/** A rule reads to so much: figures this near are the same figure. */
const SAME: Length = INCH / 64;

/**
 * Judges an own engagement (nm) of a size. More than the full thread (L4; of R the useful thread and its run-out) is refused; one
 * that is the thread cut is asked about, where the usual engagement is more than a pitch away from that, so that the two can be
 * told apart. Null where nothing is to be said. Source: the length of thread cut is not the engagement (1 in: 7/8 cut, 11/16 in).
 */
export function judgeOwnEngagement(thread: TaperThread, figure: Length): EngagementDoubt | null {
  if (figure > thread.fullLength) return { code: 'over-thread', most: thread.fullLength };
  const { cutLength: cut, normalEngagement: usual } = thread;
  const pitch = INCH / thread.threadsPerInch;
  const isTold = Math.abs(cut - usual) > pitch;
  return isTold && Math.abs(figure - cut) <= SAME ? { code: 'thread-cut', cut, usual } : null;
}
