import type { BushingRow } from '../malleable.ts';

/**
 * Bushings and plugs by their outside thread, inches. threadA: length of the thread. hexHead, plugHead: height of the
 * head; face bushings have none. downTo: the smallest inside thread a bushing is made with (likely). All are minima: measure yours. Source: ASME B16.14.
 */
export const bushingsPlugsTable: readonly BushingRow[] = [
  { size: '1/8', threadA: 0.37, downTo: null, hexHead: null, plugHead: 0.24, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '1/4', threadA: 0.44, downTo: '1/8', hexHead: 0.14, plugHead: 0.28, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '3/8', threadA: 0.48, downTo: '1/8', hexHead: 0.16, plugHead: 0.31, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '1/2', threadA: 0.56, downTo: '1/8', hexHead: 0.19, plugHead: 0.38, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '3/4', threadA: 0.63, downTo: '1/8', hexHead: 0.22, plugHead: 0.44, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '1', threadA: 0.75, downTo: '1/8', hexHead: 0.25, plugHead: 0.5, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '1-1/4', threadA: 0.8, downTo: '1/4', hexHead: 0.28, plugHead: 0.56, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '1-1/2', threadA: 0.83, downTo: '3/8', hexHead: 0.31, plugHead: 0.62, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '2', threadA: 0.88, downTo: '1/2', hexHead: 0.34, plugHead: 0.68, doubtful: false, source: 'ASME B16.14', confidence: 'likely' },
  { size: '2-1/2', threadA: 1.07, downTo: '1', hexHead: 0.37, plugHead: 0.74, doubtful: true, source: 'ASME B16.14', confidence: 'approximate' },
  { size: '3', threadA: 1.13, downTo: '1', hexHead: 0.4, plugHead: 0.8, doubtful: true, source: 'ASME B16.14', confidence: 'approximate' },
  { size: '3-1/2', threadA: 1.18, downTo: '2', hexHead: 0.43, plugHead: 0.86, doubtful: true, source: 'ASME B16.14', confidence: 'approximate' },
  { size: '4', threadA: 1.22, downTo: '2', hexHead: 0.5, plugHead: 1, doubtful: true, source: 'ASME B16.14', confidence: 'approximate' },
];
