import type { MalleableRow } from '../malleable.ts';

/**
 * Malleable iron threaded fittings, class 150. Inches.
 * elbow90A, teeA: centre to end. couplingW: end to end. capP: height over all. bandH: outside of the band.
 * Source: ASME B16.3. A and W are certain, P and H likely; `doubtful` names the columns of a row that
 * must be shown as typical, measure yours.
 */
export const malleable150Table: readonly MalleableRow[] = [
  { size: '1/8', elbow90A: 0.69, teeA: 0.69, couplingW: 0.96, capP: 0.53, reducingM: null, bandH: 0.693, source: 'ASME B16.3', doubtful: ['capP'] },
  { size: '1/4', elbow90A: 0.81, teeA: 0.81, couplingW: 1.06, capP: 0.63, reducingM: 1, bandH: 0.844, source: 'ASME B16.3', doubtful: ['capP'] },
  { size: '3/8', elbow90A: 0.95, teeA: 0.95, couplingW: 1.16, capP: 0.74, reducingM: 1.13, bandH: 1.015, source: 'ASME B16.3', doubtful: [] },
  { size: '1/2', elbow90A: 1.12, teeA: 1.12, couplingW: 1.34, capP: 0.87, reducingM: 1.25, bandH: 1.197, source: 'ASME B16.3', doubtful: [] },
  { size: '3/4', elbow90A: 1.31, teeA: 1.31, couplingW: 1.52, capP: 0.97, reducingM: 1.44, bandH: 1.458, source: 'ASME B16.3', doubtful: [] },
  { size: '1', elbow90A: 1.5, teeA: 1.5, couplingW: 1.67, capP: 1.16, reducingM: 1.69, bandH: 1.771, source: 'ASME B16.3', doubtful: [] },
  { size: '1-1/4', elbow90A: 1.75, teeA: 1.75, couplingW: 1.93, capP: 1.28, reducingM: 2.06, bandH: 2.153, source: 'ASME B16.3', doubtful: [] },
  { size: '1-1/2', elbow90A: 1.94, teeA: 1.94, couplingW: 2.15, capP: 1.33, reducingM: 2.31, bandH: 2.427, source: 'ASME B16.3', doubtful: [] },
  { size: '2', elbow90A: 2.25, teeA: 2.25, couplingW: 2.53, capP: 1.45, reducingM: 2.81, bandH: 2.963, source: 'ASME B16.3', doubtful: [] },
  { size: '2-1/2', elbow90A: 2.7, teeA: 2.7, couplingW: 2.88, capP: 1.7, reducingM: 3.25, bandH: 3.589, source: 'ASME B16.3', doubtful: [] },
  { size: '3', elbow90A: 3.08, teeA: 3.08, couplingW: 3.18, capP: 1.8, reducingM: 3.69, bandH: 4.285, source: 'ASME B16.3', doubtful: [] },
  { size: '3-1/2', elbow90A: 3.42, teeA: 3.42, couplingW: 3.43, capP: 1.9, reducingM: 4, bandH: 4.843, source: 'ASME B16.3', doubtful: ['capP'] },
  { size: '4', elbow90A: 3.79, teeA: 3.79, couplingW: 3.69, capP: 2.08, reducingM: 4.38, bandH: 5.401, source: 'ASME B16.3', doubtful: [] },
];
