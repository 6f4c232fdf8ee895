import { INCH, MILLIMETRE, type Length } from './length.ts';

/** The graduations of the tape a fitter reads from: the house rule "rounding of the tape" picks one. */
export const TAPE_GRADUATIONS = {
  '1/8': INCH / 8,
  '1/16': INCH / 16,
  '1/32': INCH / 32,
  '1 mm': MILLIMETRE,
} as const satisfies Record<string, Length>;

export type TapeGraduation = keyof typeof TAPE_GRADUATIONS;

export interface OnTape {
  /** The nearest graduation, nm. */
  readonly length: Length;
  /** On the tape minus exact, nm: positive when the tape says longer. */
  readonly error: Length;
}

/** The multiple of `step` (nm) nearest to `length` (nm); halfway goes away from zero. */
export function roundToStep(length: Length, step: Length): Length {
  const rounded = Math.round(Math.abs(length) / step) * step;
  return length < 0 && rounded !== 0 ? -rounded : rounded;
}

/** Puts an exact length (nm) on a tape: the one place where a length is rounded, with the error it costs. */
export function putOnTape(exact: Length, graduation: TapeGraduation): OnTape {
  const length = roundToStep(exact, TAPE_GRADUATIONS[graduation]);
  return { length, error: length - exact };
}
