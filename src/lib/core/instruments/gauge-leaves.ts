/** The leaves of the pitch gauge: threads an inch, and pitches in mm. */
export const INCH_LEAVES = [5, 8, 10, 11, 11.5, 12, 13, 14, 16, 18, 19, 20, 24, 27, 28, 32] as const;
export const METRIC_LEAVES = [0.75, 0.8, 1, 1.25, 1.5, 1.75, 2, 2.5, 3] as const;

export interface Leaf {
  /** As it is stamped. */
  readonly name: string;
  readonly perInch: number;
}

export const GAUGE_LEAVES: readonly Leaf[] = [
  ...INCH_LEAVES.map((perInch) => ({ name: `${perInch}`, perInch })),
  ...METRIC_LEAVES.map((pitch) => ({ name: `${pitch} mm`, perInch: 25.4 / pitch })),
].toSorted((a, b) => a.perInch - b.perInch);

/** The leaf nearest to a pitch. */
export const findNearestLeaf = (perInch: number): Leaf =>
  GAUGE_LEAVES.reduce((best, leaf) =>
    Math.abs(leaf.perInch / perInch - 1) < Math.abs(best.perInch / perInch - 1) ? leaf : best,
  );
