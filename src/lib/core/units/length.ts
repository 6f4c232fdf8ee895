/**
 * A length in whole nanometres. Every mark of an inch rule is exact in it: 1/64 in = 396,875 nm and
 * 0.00001 in = 254 nm, while 1,000 ft stays far below 2^53.
 */
export type Length = number & { readonly unit?: 'nm' };

/**
 * A length in millimetres, as published rows and drawings to scale have it. The compiler takes neither for the other; figures that
 * were worked out (a product, a sum) are taken for what they are given as.
 */
export type Millimetres = number & { readonly unit?: 'mm' };

export const MILLIMETRE: Length = 1_000_000;
export const METRE: Length = 1_000 * MILLIMETRE;
export const INCH: Length = 25_400_000;
export const FOOT: Length = 12 * INCH;

/** Inches as published (at most five decimals) → exact nanometres. */
export const inches = (published: number): Length => Math.round(published * 100_000) * 254;

/** Millimetres as published (at most six decimals) → exact nanometres. */
export const millimetres = (published: Millimetres): Length => Math.round(published * MILLIMETRE);

/** Nanometres → inches as a decimal, for formulas that are shown. */
export const toInches = (length: Length): number => length / INCH;

/** Nanometres → millimetres as a decimal. */
export const toMillimetres = (length: Length): Millimetres => length / MILLIMETRE;

/** The unit in which a job is measured. */
export type LengthUnit = 'in' | 'mm';
