import { getCrestRange, type ListedThread } from '#core/catalogue';
import type { Gender, ThreadFamily } from '#core/ends';
import { toMillimetres, type Length } from '#core/units';

/** What a thread of the chart must be; null asks for nothing. */
export interface ThreadFilter {
  readonly family: ThreadFamily | null;
  readonly gender: Gender | null;
  readonly perInch: number | null;
  /** Read over the crests somewhere along the thread, nm. */
  readonly diameter: Length | null;
}

/** A pitch as typed or counted names a thread within this share of its own. */
const SAME_PITCH = 0.02;
/** A caliper's reading may lie this far outside what the standard allows, mm. */
const CALIPER = 0.1;

/** The threads that agree with a filter, in the order of the list. No ranking: for that there is the bench. */
export const filterThreads = (threads: readonly ListedThread[], filter: ThreadFilter): ListedThread[] =>
  threads.filter((thread) => {
    const { family, gender, perInch, diameter } = filter;
    if (family !== null && thread.family !== family) return false;
    if (gender !== null && thread.gender !== gender) return false;
    if (perInch !== null && !(Math.abs(thread.perInch / perInch - 1) < SAME_PITCH)) return false;
    if (diameter === null) return true;
    const [low, high] = getCrestRange(thread, 'unknown');
    const read = toMillimetres(diameter);
    return read >= low - CALIPER && read <= high + CALIPER;
  });
