import { findEngagement } from '#core/allowances';
import { type Catalogue, findReach, type Part, type Port } from '#core/catalogue';
import { getHouseWindow, type HouseRules } from '#core/house-rules';
import { getEngagementAt, getTurns, judgeEnds, getTightness } from '#core/joints';
import type { EndUnknown, Settings, Turning, WorkedEnd } from '../craft.ts';
import { getNominal, getPipeEnd, getThreadSystem } from './pipe-end.ts';

/** An end without a part: nothing is taken off a bare one; nothing is known of one whose fitting is not. */
export function workOutBare(settings: Settings, unknown: EndUnknown | null, catalogue: Catalogue): WorkedEnd {
  const thread = catalogue.findThread(getNominal(settings), getThreadSystem(settings));
  if (!thread) return { thread, joint: null, takeOff: null, unknown: 'size-not-carried' };
  return { thread, joint: null, takeOff: unknown ? null : 0, unknown };
}

/**
 * A threaded end made up in a port: take-off (nm) = reach of the port − engagement. The engagement is the house rule's, or what its
 * turning takes it to where the joint is clocked; tightness follows from it.
 */
export function workOut(
  settings: Settings,
  part: Part,
  port: Port,
  catalogue: Catalogue,
  rules: HouseRules,
  turning: Turning | null,
): WorkedEnd {
  const thread = catalogue.findThread(getNominal(settings), getThreadSystem(settings));
  if (!thread) return { thread, joint: null, takeOff: null, unknown: 'size-not-carried' };
  const reach = findReach(port);
  const found = findEngagement(thread, rules['engagement-figure']);
  const engagement = turning ? getEngagementAt(thread, getTurns(turning)) : found.ok ? found.value : null;
  const window = getHouseWindow(rules['how-tight'], thread, thread.cutToScratch);
  const tightness =
    engagement === null ? null : getTightness(thread, engagement, thread.cutToScratch, window);
  const unknown =
    reach === null ? 'part-length-unknown' : engagement === null ? 'engagement-not-measured' : null;
  const takeOff = reach === null || engagement === null ? null : reach - engagement;
  const verdict = judgeEnds(getPipeEnd(settings, 'male'), port.end, catalogue.ends, rules);
  return {
    thread,
    joint: { part, port, reach, engagement, tightness, torque: null, verdict },
    takeOff,
    unknown,
  };
}
