import { getCrestRange, getPitch, isTaper, type ListedThread } from '#core/catalogue';

/** Why two threads are taken for each other. Only these may be told as "cannot be told apart". */
export const LOOK_ALIKES = [
  'sister', 'american-british', 'taper-parallel', 'same-thread', 'other-hand', 'neighbouring-pitch',
] as const; // prettier-ignore
export type LookAlike = (typeof LOOK_ALIKES)[number];

/** Pitches this close a count over a short thread, or a leaf, does not part. */
const SAME_PITCH = 0.012;
const NEIGHBOURING_PITCH = 0.05;
/** A caliper does not part crests that come this close, mm. */
const CALIPER = 0.1;

/**
 * How two threads of one gender look alike; null when a caliper or a leaf parts them. At the first thread their crests
 * overlap within what the standards allow, and:
 * - american-british: same pitch, 60° against 55° (1/2 and 3/4 pipe threads);
 * - taper-parallel: same form, one tapers (R and G, Rc and Rp);
 * - same-thread: same form and pitch, another seat or use (37° and 45° flares, a gas connector's nut, an olive's nut);
 * - other-hand: as good as the same until it is turned (cylinder threads are mostly left-hand);
 * - neighbouring-pitch: 11 and 11 1/2, 18 and 19, 27 and 28.
 */
export function findLookAlike(a: ListedThread, b: ListedThread): LookAlike | null {
  if (a.gender !== b.gender || a.id === b.id) return null;
  if ((a.sisterOf ?? a.id) === (b.sisterOf ?? b.id)) return 'sister';
  if (!doCrestsOverlap(a, b)) return null;
  const offPitch = Math.abs(getPitch(a) / getPitch(b) - 1);
  if (offPitch > NEIGHBOURING_PITCH) return null;
  if (offPitch > SAME_PITCH) return 'neighbouring-pitch';
  if (a.hand !== b.hand) return 'other-hand';
  if (a.flank !== b.flank) return 'american-british';
  return isTaper(a) === isTaper(b) ? 'same-thread' : 'taper-parallel';
}

function doCrestsOverlap(a: ListedThread, b: ListedThread): boolean {
  const [first, second] = [getCrestRange(a, 'first'), getCrestRange(b, 'first')];
  return first[0] <= second[1] + CALIPER && second[0] <= first[1] + CALIPER;
}
