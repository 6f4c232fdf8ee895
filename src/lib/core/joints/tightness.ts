import type { TaperThread } from '#core/catalogue';
import { getHouseWindow, getUsualWindow, type HowTightChoice, type TurnsWindow } from '#core/house-rules';
import { INCH, type Length } from '#core/units';

/** Turns are told by the wrench's handle: to a quarter, no finer. */
const QUARTER = 0.25;

/** Whether turns, told to a quarter, leave a window by no more than a quarter: real parts vary by more than that. */
function isAbout(turns: number, { least, most }: TurnsWindow): boolean {
  const told = Math.round(turns / QUARTER) * QUARTER;
  return told >= least - QUARTER && told <= most + QUARTER;
}

export interface Tightness {
  readonly engagement: Length;
  readonly turnsPastHandTight: number;
  /** Every visible ridge from the fitting's face, run-out included. */
  readonly threadsShowing: number;
  readonly window: TurnsWindow;
  /** To a quarter of a turn. */
  readonly inWindow: boolean;
}

/**
 * The same engagement said in three ways: turns past hand-tight = (e − L1)·n and threads showing = (T − e)·n,
 * with T the length of the thread on the pipe (nm). L1 from ASME B1.20.1. The window is the house's; the usual one where none
 * is given.
 */
export function getTightness(
  thread: TaperThread,
  engagement: Length,
  threadLength: Length,
  window: TurnsWindow = getUsualWindow(thread),
): Tightness {
  const turns = ((engagement - thread.handTight) / INCH) * thread.threadsPerInch;
  return {
    engagement,
    turnsPastHandTight: turns,
    threadsShowing: ((threadLength - engagement) / INCH) * thread.threadsPerInch,
    window,
    inWindow: isAbout(turns, window),
  };
}

/** What the house asks for where it does not go by the usual window, beside the engagement that is worked with. */
export interface AskedTightness {
  /** The middle of the house's window, turns past hand-tight. */
  readonly turns: number;
  /** nm */
  readonly engagement: Length;
  /** Of what is asked over what is worked with, nm: positive goes in farther. */
  readonly difference: Length;
  readonly usual: TurnsWindow;
  /** Whether what is asked lies in the usual window; under it, the joint is under-made. */
  readonly against: 'inside' | 'under' | 'over';
}

/**
 * What "so many left" or a window of the shop's own asks of a joint, said in length. Null where the usual window or the hand
 * decides.
 */
export function findAsked(
  choice: HowTightChoice,
  thread: TaperThread,
  engagement: Length,
  threadLength: Length,
): AskedTightness | null {
  if (choice.option === 'window' || choice.option === 'feel') return null;
  const { least, most } = getHouseWindow(choice, thread, threadLength);
  const turns = (least + most) / 2;
  const asked = Math.round(thread.handTight + (turns * INCH) / thread.threadsPerInch);
  const usual = getUsualWindow(thread);
  const against = turns < usual.least ? 'under' : turns > usual.most ? 'over' : 'inside';
  return { turns, engagement: asked, difference: asked - engagement, usual, against };
}

/**
 * Between the faces of the two fittings of a close nipple (nm): N − e_A − e_B. Null where the nipple is long enough (2T) that
 * threads showing can be counted at each end. Source: how tight, three ways of saying the same thing.
 */
export function findFaceGap(
  nipple: Length,
  ends: readonly [{ thread: TaperThread; engagement: Length }, { thread: TaperThread; engagement: Length }],
): Length | null {
  const [a, b] = ends;
  if (nipple >= a.thread.fullLength + b.thread.fullLength) return null;
  return nipple - a.engagement - b.engagement;
}
