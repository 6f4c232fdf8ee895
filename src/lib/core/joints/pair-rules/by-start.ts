import type { ThreadPair } from '../pair.ts';
import { doesNotStart, neverSeals, type Cause, type Ruling } from '../pair-verdict.ts';
import { getThreadStart } from '../thread-start.ts';

/** Threads that do not belong together: where one enters the other, or may, it looks as if it makes, and that is worst. */
export function ruleByStart({ male, female }: ThreadPair, cause: Cause): Ruling {
  const { how, turns } = getThreadStart(male.thread, female.thread);
  return how === 'enters' || how === 'may-enter' ? neverSeals(cause, turns) : doesNotStart(how);
}
