/**
 * Which share of its waits before something is tried again a build has: all of them as it is shipped, less in a build that is tested, where
 * nobody is to wait for time. Nothing else differs.
 */
const SHARE = Number((import.meta.env as ImportMetaEnv | undefined)?.['VITE_WAIT_SHARE'] ?? 1);

/** Milliseconds before something is tried again. */
export const toWait = (milliseconds: number): number => Math.round(milliseconds * SHARE);
