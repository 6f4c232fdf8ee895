import type { MalleableRow } from '../malleable.ts';

/**
 * Malleable iron threaded fittings, class 150. Inches.
 * elbow90A, teeA, elbow45C: centre to end. couplingW: end to end. capP: height over all. streetA, street45C: centre to
 * the female end of a street elbow; streetJ, street45K: to its male end. bandH: outside of the band.
 * Source: ASME B16.3. A, C and W are certain, J, M, P and H likely, K doubtful; `doubtful` names the columns of a row that
 * must be shown as typical, measure yours.
 */
export const malleable150Table: readonly MalleableRow[] = [
  { size: '1/8', elbow90A: 0.69, teeA: 0.69, elbow45C: null, couplingW: 0.96, capP: 0.53, streetA: 0.69, streetJ: 1, street45C: null, street45K: null, reducingM: null, bandH: 0.693, source: 'ASME B16.3', doubtful: ['capP'] },
  { size: '1/4', elbow90A: 0.81, teeA: 0.81, elbow45C: 0.73, couplingW: 1.06, capP: 0.63, streetA: 0.81, streetJ: 1.19, street45C: 0.73, street45K: 0.94, reducingM: 1, bandH: 0.844, source: 'ASME B16.3', doubtful: ['street45K', 'capP'] },
  { size: '3/8', elbow90A: 0.95, teeA: 0.95, elbow45C: 0.8, couplingW: 1.16, capP: 0.74, streetA: 0.95, streetJ: 1.44, street45C: 0.8, street45K: 1.03, reducingM: 1.13, bandH: 1.015, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '1/2', elbow90A: 1.12, teeA: 1.12, elbow45C: 0.88, couplingW: 1.34, capP: 0.87, streetA: 1.12, streetJ: 1.63, street45C: 0.88, street45K: 1.15, reducingM: 1.25, bandH: 1.197, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '3/4', elbow90A: 1.31, teeA: 1.31, elbow45C: 0.98, couplingW: 1.52, capP: 0.97, streetA: 1.31, streetJ: 1.89, street45C: 0.98, street45K: 1.29, reducingM: 1.44, bandH: 1.458, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '1', elbow90A: 1.5, teeA: 1.5, elbow45C: 1.12, couplingW: 1.67, capP: 1.16, streetA: 1.5, streetJ: 2.14, street45C: 1.12, street45K: 1.47, reducingM: 1.69, bandH: 1.771, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '1-1/4', elbow90A: 1.75, teeA: 1.75, elbow45C: 1.29, couplingW: 1.93, capP: 1.28, streetA: 1.75, streetJ: 2.45, street45C: 1.29, street45K: 1.71, reducingM: 2.06, bandH: 2.153, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '1-1/2', elbow90A: 1.94, teeA: 1.94, elbow45C: 1.43, couplingW: 2.15, capP: 1.33, streetA: 1.94, streetJ: 2.69, street45C: 1.43, street45K: 1.88, reducingM: 2.31, bandH: 2.427, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '2', elbow90A: 2.25, teeA: 2.25, elbow45C: 1.68, couplingW: 2.53, capP: 1.45, streetA: 2.25, streetJ: 3.26, street45C: 1.68, street45K: 2.22, reducingM: 2.81, bandH: 2.963, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '2-1/2', elbow90A: 2.7, teeA: 2.7, elbow45C: 1.95, couplingW: 2.88, capP: 1.7, streetA: 2.7, streetJ: 3.86, street45C: 1.95, street45K: 2.57, reducingM: 3.25, bandH: 3.589, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '3', elbow90A: 3.08, teeA: 3.08, elbow45C: 2.17, couplingW: 3.18, capP: 1.8, streetA: 3.08, streetJ: 4.51, street45C: 2.17, street45K: 3, reducingM: 3.69, bandH: 4.285, source: 'ASME B16.3', doubtful: ['street45K'] },
  { size: '3-1/2', elbow90A: 3.42, teeA: 3.42, elbow45C: 2.39, couplingW: 3.43, capP: 1.9, streetA: null, streetJ: null, street45C: null, street45K: null, reducingM: 4, bandH: 4.843, source: 'ASME B16.3', doubtful: ['capP'] },
  { size: '4', elbow90A: 3.79, teeA: 3.79, elbow45C: 2.61, couplingW: 3.69, capP: 2.08, streetA: 3.79, streetJ: 5.69, street45C: null, street45K: null, reducingM: 4.38, bandH: 5.401, source: 'ASME B16.3', doubtful: ['streetJ'] },
];
