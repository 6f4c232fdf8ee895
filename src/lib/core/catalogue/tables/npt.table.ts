import type { NptRow } from '../thread.ts';

/**
 * American national pipe taper threads, 1/16 to 4. Inches and turns.
 * Source: ASME B1.20.1, basic dimensions. D outside diameter of the pipe, n threads per inch,
 * E0 pitch diameter at the small end, L1 hand-tight engagement, L2 effective thread,
 * L4 whole length of the thread with its vanish cone.
 */
export const nptTable: readonly NptRow[] = [
  { size: '1/16', D: 0.3125, n: 27.0, E0: 0.27118, E1: 0.28118, L1: 0.16, L2: 0.2611, E2: 0.2875, V: 0.1285, L4: 0.3896, L5: 0.187, K0: 0.2416, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '1/8', D: 0.405, n: 27.0, E0: 0.36351, E1: 0.3736, L1: 0.1615, L2: 0.2639, E2: 0.38, V: 0.1285, L4: 0.3924, L5: 0.1898, K0: 0.3339, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '1/4', D: 0.54, n: 18.0, E0: 0.47739, E1: 0.49163, L1: 0.2278, L2: 0.4018, E2: 0.5025, V: 0.1928, L4: 0.5946, L5: 0.2907, K0: 0.4329, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '3/8', D: 0.675, n: 18.0, E0: 0.61201, E1: 0.62701, L1: 0.24, L2: 0.4078, E2: 0.6375, V: 0.1928, L4: 0.6006, L5: 0.2967, K0: 0.5676, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '1/2', D: 0.84, n: 14.0, E0: 0.75843, E1: 0.77843, L1: 0.32, L2: 0.5337, E2: 0.79179, V: 0.2479, L4: 0.7815, L5: 0.3909, K0: 0.7013, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '3/4', D: 1.05, n: 14.0, E0: 0.96768, E1: 0.98887, L1: 0.339, L2: 0.5457, E2: 1.00179, V: 0.2479, L4: 0.7935, L5: 0.4029, K0: 0.9105, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '1', D: 1.315, n: 11.5, E0: 1.21363, E1: 1.23863, L1: 0.4, L2: 0.6828, E2: 1.2563, V: 0.3017, L4: 0.9845, L5: 0.5089, K0: 1.1441, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '1-1/4', D: 1.66, n: 11.5, E0: 1.55713, E1: 1.58338, L1: 0.42, L2: 0.7068, E2: 1.6013, V: 0.3017, L4: 1.0085, L5: 0.5329, K0: 1.4876, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '1-1/2', D: 1.9, n: 11.5, E0: 1.79609, E1: 1.82234, L1: 0.42, L2: 0.7235, E2: 1.8413, V: 0.3017, L4: 1.0252, L5: 0.5496, K0: 1.7265, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '2', D: 2.375, n: 11.5, E0: 2.26902, E1: 2.29627, L1: 0.436, L2: 0.7565, E2: 2.3163, V: 0.3017, L4: 1.0582, L5: 0.5826, K0: 2.1995, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '2-1/2', D: 2.875, n: 8.0, E0: 2.71953, E1: 2.76216, L1: 0.682, L2: 1.1375, E2: 2.79062, V: 0.4338, L4: 1.5712, L5: 0.8875, K0: 2.6195, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '3', D: 3.5, n: 8.0, E0: 3.34062, E1: 3.3885, L1: 0.766, L2: 1.2, E2: 3.41562, V: 0.4338, L4: 1.6337, L5: 0.95, K0: 3.2406, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '3-1/2', D: 4.0, n: 8.0, E0: 3.8375, E1: 3.88881, L1: 0.821, L2: 1.25, E2: 3.91562, V: 0.4338, L4: 1.6837, L5: 1.0, K0: 3.7375, source: 'ASME B1.20.1', confidence: 'certain' },
  { size: '4', D: 4.5, n: 8.0, E0: 4.33438, E1: 4.38712, L1: 0.844, L2: 1.3, E2: 4.41562, V: 0.4338, L4: 1.7337, L5: 1.05, K0: 4.2344, source: 'ASME B1.20.1', confidence: 'certain' },
];
