import type { TaperThread } from '#core/catalogue';
import { isLargeSize } from '#core/ends';
import { INCH, type Length } from '#core/units';
import type { HouseRule } from './house-rule.ts';

/** Turns past hand-tight between which a taper joint is right. */
export interface TurnsWindow {
  readonly least: number;
  readonly most: number;
}

/** A window of turns for each group of threads: NPT up to 2 in, NPT from 2-1/2 up, and R. */
export interface TurnsWindows {
  readonly upTo2in: TurnsWindow;
  readonly above2in: TurnsWindow;
  readonly british: TurnsWindow;
}

export type HowTightOption = 'window' | 'own-window' | 'threads-left' | 'couple-left' | 'feel';

/** By what a taper joint is judged tight. */
export const howTightRule: HouseRule<'how-tight', HowTightOption> = {
  id: 'how-tight',
  topic: 'joints',
  options: ['window', 'own-window', 'threads-left', 'couple-left', 'feel'],
  default: 'window',
  outrankedBy: ['maker'],
  version: 2,
};

/**
 * 2 to 3½ turns up to 2 in, 1½ to 3 from 2-1/2 up; British tapers 1½ to 2¾, what ISO 7-1 leaves for the wrench. Real parts vary
 * by about a turn each way.
 */
export const USUAL_WINDOWS: TurnsWindows = {
  upTo2in: { least: 2, most: 3.5 },
  above2in: { least: 1.5, most: 3 },
  british: { least: 1.5, most: 2.75 },
};
/** Larger British tapers have more thread left for the wrench: to 3¼ turns at 2 in, to 4 from 2-1/2 up (ISO 7-1). */
const LARGE_BRITISH = { at2in: { least: 1.5, most: 3.25 }, above2in: { least: 1.5, most: 4 } } as const;

export type HowTightChoice =
  | { readonly option: Exclude<HowTightOption, 'own-window'> }
  | ({ readonly option: 'own-window' } & TurnsWindows);

/** Threads that the schools of "so many left" leave showing. */
const LEFT = { 'threads-left': 4, 'couple-left': 2 } as const;

/** To which of the groups a thread belongs. */
export const getWindowGroup = ({ size, family }: Pick<TaperThread, 'size' | 'family'>): keyof TurnsWindows =>
  family === 'R' ? 'british' : isLargeSize(size) ? 'above2in' : 'upTo2in';

/** The window of turns that is usual for a thread, whatever the house says. */
export function getUsualWindow(thread: Pick<TaperThread, 'size' | 'family'>): TurnsWindow {
  const group = getWindowGroup(thread);
  if (group !== 'british') return USUAL_WINDOWS[group];
  if (isLargeSize(thread.size)) return LARGE_BRITISH.above2in;
  return thread.size === '2' ? LARGE_BRITISH.at2in : USUAL_WINDOWS.british;
}

/**
 * The window of turns a choice stands for, on a thread of `threadLength` (nm, pipe end to last scratch). "So many left" is
 * that count to half a thread: turns past hand-tight = (T − L1)·n − left. Where the hand decides, the usual window is a guide.
 */
export function getHouseWindow(
  choice: HowTightChoice,
  thread: Pick<TaperThread, 'size' | 'family' | 'handTight' | 'threadsPerInch'>,
  threadLength: Length,
): TurnsWindow {
  switch (choice.option) {
    case 'own-window':
      return choice[getWindowGroup(thread)];
    case 'threads-left':
    case 'couple-left': {
      const turns = ((threadLength - thread.handTight) / INCH) * thread.threadsPerInch - LEFT[choice.option];
      return { least: turns - 0.5, most: turns + 0.5 };
    }
    case 'window':
    case 'feel':
      return getUsualWindow(thread);
  }
}
