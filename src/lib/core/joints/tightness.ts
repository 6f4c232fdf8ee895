import type { TaperFamily } from '../catalogue/part.ts';
import { isLargeSize, type NominalSize } from '../catalogue/size.ts';
import type { TaperThread } from '../catalogue/thread.ts';
import { INCH, type Length } from '../units/length.ts';

/** Turns past hand-tight between which a taper joint is usually right. */
export interface TurnsWindow {
  readonly least: number;
  readonly most: number;
}

export interface Tightness {
  readonly engagement: Length;
  readonly turnsPastHandTight: number;
  /** Every visible ridge from the fitting's face, run-out included. */
  readonly threadsShowing: number;
  readonly window: TurnsWindow;
  readonly inWindow: boolean;
}

/** 2 to 3½ turns up to 2 in, 1½ to 3 from 2-1/2 up. Real parts vary by about a turn each way. */
export const getTurnsWindow = (size: NominalSize, family: TaperFamily): TurnsWindow =>
  family === 'R'
    ? { least: 1.5, most: 2.5 }
    : isLargeSize(size)
      ? { least: 1.5, most: 3 }
      : { least: 2, most: 3.5 };

/**
 * The same engagement said in three ways: turns past hand-tight = (e − L1)·n and threads showing = (T − e)·n,
 * with T the length of the thread on the pipe (nm). L1 from ASME B1.20.1.
 */
export function getTightness(thread: TaperThread, engagement: Length, threadLength: Length): Tightness {
  const turns = ((engagement - thread.handTight) / INCH) * thread.threadsPerInch;
  const window = getTurnsWindow(thread.size, thread.family);
  return {
    engagement,
    turnsPastHandTight: turns,
    threadsShowing: ((threadLength - engagement) / INCH) * thread.threadsPerInch,
    window,
    inWindow: turns >= window.least && turns <= window.most,
  };
}
