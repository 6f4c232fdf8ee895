import type { BspMalleableRow } from '../bsp-malleable.ts';

/** Malleable elbows and tees with Rp threads, millimetres: centre to face, centre to pipe end, engagement. Source: EN 10242. */
export const bspMalleableTable: readonly BspMalleableRow[] = [
  { size: '1/4', a: 21, z: 11, engagement: 10, source: 'EN 10242', confidence: 'likely' },
  { size: '3/8', a: 25, z: 15, engagement: 10, source: 'EN 10242', confidence: 'likely' },
  { size: '1/2', a: 28, z: 15, engagement: 13, source: 'EN 10242', confidence: 'likely' },
  { size: '3/4', a: 33, z: 18, engagement: 15, source: 'EN 10242', confidence: 'likely' },
  { size: '1', a: 38, z: 21, engagement: 17, source: 'EN 10242', confidence: 'likely' },
  { size: '1-1/4', a: 45, z: 26, engagement: 19, source: 'EN 10242', confidence: 'likely' },
  { size: '1-1/2', a: 50, z: 31, engagement: 19, source: 'EN 10242', confidence: 'likely' },
  { size: '2', a: 58, z: 34, engagement: 24, source: 'EN 10242', confidence: 'likely' },
];
