/** Standard normal distribution function; Abramowitz and Stegun 7.1.26, error below 2e-7. */
export function normalBelow(z: number): number {
  const t = 1 / (1 + 0.3275911 * (Math.abs(z) / Math.SQRT2));
  const poly =
    t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const tail = 0.5 * poly * Math.exp(-(z * z) / 2);
  return z < 0 ? tail : 1 - tail;
}

/** Density of a normal distribution at x, per unit of x. */
export const normalDensity = (x: number, mean: number, sigma: number): number =>
  Math.exp(-(((x - mean) / sigma) ** 2) / 2) / (sigma * Math.sqrt(2 * Math.PI));

/** Density at x of a value anywhere in [low, high] alike, read with a normal error of sigma. */
export function smearedDensity(x: number, low: number, high: number, sigma: number): number {
  const width = high - low;
  if (width < sigma / 10) return normalDensity(x, (low + high) / 2, sigma);
  return (normalBelow((x - low) / sigma) - normalBelow((x - high) / sigma)) / width;
}

/** Bits of doubt in a set of probabilities (they need not add up to one). */
export function getEntropy(weights: Iterable<number>): number {
  let total = 0;
  let sum = 0;
  for (const weight of weights) {
    if (weight <= 0) continue;
    total += weight;
    sum += weight * Math.log2(weight);
  }
  return total > 0 ? Math.log2(total) - sum / total : 0;
}
