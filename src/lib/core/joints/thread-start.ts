import { getPitch, isTaper, type ListedThread } from '#core/catalogue';

/** How a male thread enters a female one, whatever they are. */
export interface ThreadStart {
  /**
   * `enters`: at least a turn by hand; `may-enter`: by the basic sizes less than a turn, so that real parts may start;
   * `too-large`: it does not go in; `too-small`: it slides in and nothing holds.
   */
  readonly how: 'enters' | 'may-enter' | 'too-large' | 'too-small';
  /** About how many turns until it binds; null where nothing binds it before it is home. */
  readonly turns: number | null;
}

/** A male this much (in pitches, on the diameter) over the female still starts: what tolerances leave. */
const STILL_STARTS = 0.1;
/** Threads that overlap less than this share of a full depth hold nothing. */
const LEAST_OVERLAP = 0.2;
/** Play along the axis that two equal threads have from their tolerances, in pitches. */
const PLAY = 0.15;
/** Under a turn nothing is felt to go in. */
const LEAST_TURNS = 1;

/**
 * Turns a male thread goes into a female one before it binds, by basic pitch diameters (mm):
 *
 *     taper: turns = (E female − E male) / taper per turn;  unlike pitches: turns = play along the axis / difference of pitch
 *
 * Source: geometry of the threads in ASME B1.20.1 and ISO 7-1. About right only: real parts vary by a turn and more.
 */
export function getThreadStart(male: ListedThread, female: ListedThread): ThreadStart {
  const pitch = Math.max(getPitch(male), getPitch(female));
  const room = female.pitchLine - male.pitchLine + getUndersize(male);
  if (room < -STILL_STARTS * pitch) return { how: 'too-large', turns: null };
  const maleDepth = male.crest.high - male.pitchLine;
  const femaleDepth = female.pitchLine - female.crest.low;
  const overlap = maleDepth + femaleDepth - room;
  if (overlap < LEAST_OVERLAP * (maleDepth + femaleDepth)) return { how: 'too-small', turns: null };
  const slope = Math.max(isTaper(male) ? male.crest.slope : 0, isTaper(female) ? -female.crest.slope : 0);
  const taper = slope > 0 ? Math.max(0, room) / slope / pitch : Infinity;
  // Of one pitch nothing drifts, or (1.814 and 25.4/14) so little that it is home before.
  const drift = Math.abs(getPitch(male) - getPitch(female));
  const turns = Math.min(taper, (Math.max(0, room) * FLANK_TANGENT + PLAY * pitch) / drift);
  if (turns < LEAST_TURNS) return turns > 0 ? { how: 'may-enter', turns } : { how: 'too-large', turns: null };
  const home = Math.min(male.crest.length, female.crest.length) / pitch;
  return { how: 'enters', turns: turns < home ? turns : null };
}

/** A straight male is made under its basic size: half of what it may be under, mm. A taper lies where its gauge says. */
const getUndersize = (male: ListedThread): number =>
  isTaper(male) ? 0 : (male.crest.high - male.crest.low) / 2;

/** Of half a 60° or 55° thread, near enough: room on the diameter gives so much play along the axis. */
const FLANK_TANGENT = Math.tan(Math.PI / 6);
