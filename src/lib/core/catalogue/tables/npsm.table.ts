import type { NpsmRow } from '../pipe-threads.ts';

/**
 * National pipe straight threads for mechanical joints, 1/8 to 4. Inches; majors of the external thread, minors of
 * the internal. Source: ASME B1.20.1; the largest major and the smallest minor are certain, the others likely.
 */
export const npsmTable: readonly NpsmRow[] = [
  { size: '1/8', n: 27, majorMax: 0.397, majorMin: 0.39, minorMin: 0.358, minorMax: 0.364, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '1/4', n: 18, majorMax: 0.526, majorMin: 0.517, minorMin: 0.468, minorMax: 0.481, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '3/8', n: 18, majorMax: 0.662, majorMin: 0.653, minorMin: 0.603, minorMax: 0.612, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '1/2', n: 14, majorMax: 0.823, majorMin: 0.813, minorMin: 0.747, minorMax: 0.759, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '3/4', n: 14, majorMax: 1.034, majorMin: 1.024, minorMin: 0.958, minorMax: 0.97, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '1', n: 11.5, majorMax: 1.293, majorMin: 1.281, minorMin: 1.201, minorMax: 1.211, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '1-1/4', n: 11.5, majorMax: 1.638, majorMin: 1.626, minorMin: 1.546, minorMax: 1.555, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '1-1/2', n: 11.5, majorMax: 1.877, majorMin: 1.865, minorMin: 1.785, minorMax: 1.794, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '2', n: 11.5, majorMax: 2.351, majorMin: 2.339, minorMin: 2.259, minorMax: 2.268, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '2-1/2', n: 8, majorMax: 2.841, majorMin: 2.826, minorMin: 2.708, minorMax: 2.727, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '3', n: 8, majorMax: 3.467, majorMin: 3.452, minorMin: 3.334, minorMax: 3.353, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '3-1/2', n: 8, majorMax: 3.968, majorMin: 3.953, minorMin: 3.835, minorMax: 3.848, source: 'ASME B1.20.1', confidence: 'likely' },
  { size: '4', n: 8, majorMax: 4.466, majorMin: 4.451, minorMin: 4.333, minorMax: 4.346, source: 'ASME B1.20.1', confidence: 'likely' },
];
