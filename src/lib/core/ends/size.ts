/** Nominal pipe sizes of threaded steel, smallest first. The name is an old bore: nothing on the pipe measures it. */
export const NOMINAL_SIZES = [
  '1/8', '1/4', '3/8', '1/2', '3/4', '1', '1-1/4', '1-1/2', '2', '2-1/2', '3', '3-1/2', '4',
] as const; // prettier-ignore
export type NominalSize = (typeof NOMINAL_SIZES)[number];

/** Sizes of the taper thread: one more than the pipe has. */
export const THREAD_SIZES = ['1/16', ...NOMINAL_SIZES] as const;
export type ThreadSize = (typeof THREAD_SIZES)[number];

/** Tells whether size `a` is larger than 2 in: from 2-1/2 up the trade counts fewer turns. */
export const isLargeSize = (size: NominalSize): boolean =>
  NOMINAL_SIZES.indexOf(size) > NOMINAL_SIZES.indexOf('2');
