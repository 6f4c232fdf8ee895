import type { FlareShape } from '../joins/depths.ts';

/** Outside of a finished 45° flare by the tube it is made on, inches. */
export const flareGeometryTable: readonly FlareShape[] = [
  { size: '1/4 ACR', least: 0.343, most: 0.358, source: 'refrigeration copper flares', confidence: 'likely' },
  { size: '3/8 ACR', least: 0.504, most: 0.52, source: 'refrigeration copper flares', confidence: 'likely' },
  { size: '1/2 ACR', least: 0.638, most: 0.654, source: 'refrigeration copper flares', confidence: 'likely' },
  { size: '5/8 ACR', least: 0.76, most: 0.776, source: 'refrigeration copper flares', confidence: 'likely' },
  { size: '3/4 ACR', least: 0.929, most: 0.945, source: 'refrigeration copper flares', confidence: 'likely' },
];
