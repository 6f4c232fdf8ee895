import type { TaperThread } from '#core/catalogue';
import { accept, refuse, type Result } from '#core/outcome';
import { getUsualWindow, type TurnsWindow } from '#core/house-rules';
import { INCH, type Length } from '#core/units';
import { getTightness, type Tightness } from './tightness.ts';

/** A place at which a fitting may be left: it points as wanted, and the joint is as tight as that makes it. */
export interface ClockingStop {
  /** Turns past hand-tight. */
  readonly turns: number;
  /** nm */
  readonly engagement: Length;
  readonly tightness: Tightness;
}

export interface Clocking {
  /** Every stop in the window, loosest first. */
  readonly stops: readonly ClockingStop[];
  /** The one nearest the middle of the target: looser of two that are as near, for a taper joint only goes tighter. */
  readonly best: ClockingStop;
}

/** What to change when no stop lies in the window. */
export interface NoStop {
  readonly code: 'no-clocking-stop';
  readonly window: TurnsWindow;
  /** Turns of the last stop under the window and the first over it. */
  readonly under: number | null;
  readonly over: number;
}

/** Turns at which a joint is best, past hand-tight. */
export interface TurnsTarget {
  readonly least: number;
  readonly most: number;
}

/** Within the window, 2½ to 3 up to 2 in; the middle half of the window otherwise. */
export const getTarget = ({ least, most }: TurnsWindow): TurnsTarget =>
  least === 2 && most === 3.5
    ? { least: 2.5, most: 3 }
    : { least: least + (most - least) / 4, most: most - (most - least) / 4 };

/** Degrees in 0 to 360. */
const wrap = (degrees: number): number => ((degrees % 360) + 360) % 360;
/** An angle is read to a degree at best: a stop that lies on the edge of the window counts. */
const EDGE = 1e-9;

/**
 * Where a fitting can be left so that it points as wanted. Angles in degrees clockwise, looking from the turned part along
 * the axis into the fixed part (right-hand thread). Stops: frac((wanted − hand-tight)/360) + k turns past hand-tight, those
 * inside the window. A taper joint only goes tighter: never backed off to align. Refuses when the window holds none.
 */
export function findStops(
  thread: TaperThread,
  handTightAngle: number,
  wantedAngle: number,
  threadLength: Length,
  window: TurnsWindow = getUsualWindow(thread),
): Result<Clocking, NoStop> {
  const first = wrap(wantedAngle - handTightAngle) / 360;
  const stops: ClockingStop[] = [];
  for (let turns = first; turns <= window.most + EDGE; turns++) {
    if (turns < window.least - EDGE) continue;
    const engagement = getEngagementAt(thread, turns);
    stops.push({ turns, engagement, tightness: getTightness(thread, engagement, threadLength, window) });
  }
  const target = getTarget(window);
  const middle = (target.least + target.most) / 2;
  const [best] = stops.toSorted(
    (a, b) => Math.abs(a.turns - middle) - Math.abs(b.turns - middle) || a.turns - b.turns,
  );
  if (best) return accept({ stops, best });
  const under = Math.ceil(window.least - first) - 1 + first;
  return refuse({ code: 'no-clocking-stop', window, under: under < 0 ? null : under, over: under + 1 });
}

/** Engagement (nm) so many turns past hand-tight: L1 + turns / threads an inch. */
export const getEngagementAt = (thread: TaperThread, turns: number): Length =>
  Math.round(thread.handTight + (turns * INCH) / thread.threadsPerInch);

/** Turns past hand-tight that a kept clocking stands for: to where it first points as wanted, and whole turns more. */
export const getTurns = (kept: {
  readonly handTight: number;
  readonly wanted: number;
  readonly whole: number;
}): number => wrap(kept.wanted - kept.handTight) / 360 + kept.whole;
