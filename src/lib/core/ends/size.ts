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

/**
 * Copper tube that carries gas, as it is asked for: air-conditioning tube by its outside diameter, plumbing tube of type K or L by a nominal
 * size (an eighth of an inch less than its outside), metric tube by its outside. Type M, DWV and thin wall are none of them. Smallest first.
 */
export const COPPER_SIZES = [
  '1/8 ACR', '3/16 ACR', '1/4 ACR', '5/16 ACR', '3/8 ACR', '1/2 ACR', '5/8 ACR', '3/4 ACR', '7/8 ACR', '1-1/8 ACR',
  '1/4 L', '3/8 L', '1/2 L', '5/8 L', '3/4 L', '1 L', '1-1/4 L', '1-1/2 L', '2 L',
  '1/4 K', '3/8 K', '1/2 K', '5/8 K', '3/4 K', '1 K', '1-1/4 K', '1-1/2 K', '2 K',
  '6 mm', '8 mm', '10 mm', '12 mm', '15 mm', '16 mm', '22 mm', '28 mm', '35 mm', '42 mm', '54 mm',
] as const; // prettier-ignore
export type CopperSize = (typeof COPPER_SIZES)[number];

/**
 * Polyethylene gas pipe by its outside (copper tube size or iron pipe size) and its dimension ratio, outside over wall: fittings are made for
 * one wall only, so the wall is part of what it is called. Smallest first.
 */
export const PE_SIZES = [
  '1/2 CTS SDR 7', '1/2 IPS SDR 9.3', '1/2 IPS SDR 11', '1/2 IPS SDR 13.5',
  '3/4 CTS SDR 9.7', '3/4 IPS SDR 9.3', '3/4 IPS SDR 11', '3/4 IPS SDR 13.5',
  '1 CTS SDR 11.1', '1 CTS SDR 11.4', '1 CTS SDR 12.5', '1 IPS SDR 9.3', '1 IPS SDR 11', '1 IPS SDR 13.5',
  '1-1/4 CTS SDR 11.4', '1-1/4 CTS SDR 15.3', '1-1/4 IPS SDR 9.3', '1-1/4 IPS SDR 10', '1-1/4 IPS SDR 11', '1-1/4 IPS SDR 13.5',
  '1-1/2 IPS SDR 9.3', '1-1/2 IPS SDR 11', '1-1/2 IPS SDR 13.5',
  '2 IPS SDR 9.3', '2 IPS SDR 11', '2 IPS SDR 13.5',
] as const; // prettier-ignore
export type PeSize = (typeof PE_SIZES)[number];

/** What a leg may be called by size: whatever its craft calls it. */
export type LegSize = NominalSize | CopperSize | PeSize;
export const LEG_SIZES: readonly LegSize[] = [...NOMINAL_SIZES, ...COPPER_SIZES, ...PE_SIZES];

const RANKS: ReadonlyMap<string, number> = new Map(LEG_SIZES.map((size, i) => [size, i]));
/** Where a size stands in the lists: smaller ones of its own kind before it; −1 for what is on none. */
export const rankSize = (size: string): number => RANKS.get(size) ?? -1;

/** Whether it is a nominal size of pipe. */
export const isNominal = (size: string): size is NominalSize =>
  rankSize(size) < NOMINAL_SIZES.length && RANKS.has(size);
