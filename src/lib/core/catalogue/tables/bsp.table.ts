import type { BspRow } from '../pipe-threads.ts';

/**
 * British pipe threads, taper and parallel. Millimetres and threads an inch. Gauge length is from the small end to the
 * gauge plane, where the diameter is the basic major. Source: ISO 7-1 (R, Rc, Rp) and ISO 228-1 (G).
 */
export const bspTable: readonly BspRow[] = [
  { size: '1/16', n: 28, major: 7.723, minor: 6.561, gaugeLength: 4, gaugeTolerance: 0.9, usefulThread: 6.5, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '1/8', n: 28, major: 9.728, minor: 8.566, gaugeLength: 4, gaugeTolerance: 0.9, usefulThread: 6.5, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '1/4', n: 19, major: 13.157, minor: 11.445, gaugeLength: 6, gaugeTolerance: 1.3, usefulThread: 9.7, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '3/8', n: 19, major: 16.662, minor: 14.95, gaugeLength: 6.4, gaugeTolerance: 1.3, usefulThread: 10.1, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '1/2', n: 14, major: 20.955, minor: 18.631, gaugeLength: 8.2, gaugeTolerance: 1.8, usefulThread: 13.2, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '5/8', n: 14, major: 22.911, minor: 20.587, gaugeLength: null, gaugeTolerance: null, usefulThread: null, series: 'G only', source: 'ISO 228-1', confidence: 'likely' },
  { size: '3/4', n: 14, major: 26.441, minor: 24.117, gaugeLength: 9.5, gaugeTolerance: 1.8, usefulThread: 14.5, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '7/8', n: 14, major: 30.201, minor: 27.877, gaugeLength: null, gaugeTolerance: null, usefulThread: null, series: 'G only', source: 'ISO 228-1', confidence: 'likely' },
  { size: '1', n: 11, major: 33.249, minor: 30.291, gaugeLength: 10.4, gaugeTolerance: 2.3, usefulThread: 16.8, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '1-1/8', n: 11, major: 37.897, minor: 34.939, gaugeLength: null, gaugeTolerance: null, usefulThread: null, series: 'G only', source: 'ISO 228-1', confidence: 'likely' },
  { size: '1-1/4', n: 11, major: 41.91, minor: 38.952, gaugeLength: 12.7, gaugeTolerance: 2.3, usefulThread: 19.1, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '1-1/2', n: 11, major: 47.803, minor: 44.845, gaugeLength: 12.7, gaugeTolerance: 2.3, usefulThread: 19.1, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '1-3/4', n: 11, major: 53.746, minor: 50.788, gaugeLength: null, gaugeTolerance: null, usefulThread: null, series: 'G only', source: 'ISO 228-1', confidence: 'likely' },
  { size: '2', n: 11, major: 59.614, minor: 56.656, gaugeLength: 15.9, gaugeTolerance: 2.3, usefulThread: 23.4, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '2-1/4', n: 11, major: 65.71, minor: 62.752, gaugeLength: null, gaugeTolerance: null, usefulThread: null, series: 'G only', source: 'ISO 228-1', confidence: 'likely' },
  { size: '2-1/2', n: 11, major: 75.184, minor: 72.226, gaugeLength: 17.5, gaugeTolerance: 3.5, usefulThread: 26.7, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '2-3/4', n: 11, major: 81.534, minor: 78.576, gaugeLength: null, gaugeTolerance: null, usefulThread: null, series: 'G only', source: 'ISO 228-1', confidence: 'likely' },
  { size: '3', n: 11, major: 87.884, minor: 84.926, gaugeLength: 20.6, gaugeTolerance: 3.5, usefulThread: 29.8, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
  { size: '3-1/2', n: 11, major: 100.33, minor: 97.372, gaugeLength: 22.2, gaugeTolerance: 3.5, usefulThread: 31.4, series: 'old R and G', source: 'older editions of ISO 7-1, and ISO 228-1', confidence: 'likely' },
  { size: '4', n: 11, major: 113.03, minor: 110.072, gaugeLength: 25.4, gaugeTolerance: 3.5, usefulThread: 35.8, series: 'R and G', source: 'ISO 7-1 and ISO 228-1', confidence: 'certain' },
];
