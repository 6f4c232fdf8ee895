import type { PipeRow } from '../pipe.ts';

/** Steel pipe, schedule 40 (standard weight). Inches, pounds a foot, square inches. Source: ASME B36.10M. */
export const steelPipeTable: readonly PipeRow[] = [
  { size: '1/8', outside: 0.405, wall: 0.068, bore: 0.269, poundsPerFoot: 0.24, boreArea: 0.057, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '1/4', outside: 0.54, wall: 0.088, bore: 0.364, poundsPerFoot: 0.43, boreArea: 0.104, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '3/8', outside: 0.675, wall: 0.091, bore: 0.493, poundsPerFoot: 0.57, boreArea: 0.191, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '1/2', outside: 0.84, wall: 0.109, bore: 0.622, poundsPerFoot: 0.85, boreArea: 0.304, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '3/4', outside: 1.05, wall: 0.113, bore: 0.824, poundsPerFoot: 1.13, boreArea: 0.533, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '1', outside: 1.315, wall: 0.133, bore: 1.049, poundsPerFoot: 1.68, boreArea: 0.864, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '1-1/4', outside: 1.66, wall: 0.14, bore: 1.38, poundsPerFoot: 2.27, boreArea: 1.496, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '1-1/2', outside: 1.9, wall: 0.145, bore: 1.61, poundsPerFoot: 2.72, boreArea: 2.036, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '2', outside: 2.375, wall: 0.154, bore: 2.067, poundsPerFoot: 3.66, boreArea: 3.356, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '2-1/2', outside: 2.875, wall: 0.203, bore: 2.469, poundsPerFoot: 5.8, boreArea: 4.788, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '3', outside: 3.5, wall: 0.216, bore: 3.068, poundsPerFoot: 7.58, boreArea: 7.393, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '3-1/2', outside: 4.0, wall: 0.226, bore: 3.548, poundsPerFoot: 9.12, boreArea: 9.887, source: 'ASME B36.10M', confidence: 'certain' },
  { size: '4', outside: 4.5, wall: 0.237, bore: 4.026, poundsPerFoot: 10.8, boreArea: 12.73, source: 'ASME B36.10M', confidence: 'certain' },
];
