import type { PolyethyleneRow } from '../tubes.ts';

/**
 * Polyethylene gas pipe by outside-diameter system: CTS copper tube size, IPS iron pipe size. Inches. `soldAs` are the SDR
 * labels met on pipe of that wall; `legalWall` is the least wall US federal rules ask for in that size (of 1-1/4 CTS the typical one).
 */
export const polyethyleneTable: readonly PolyethyleneRow[] = [
  { size: '1/2', system: 'CTS', outside: 0.625, sdr: 7, soldAs: [], minWall: 0.09, legalWall: 0.09, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'certain' },
  { size: '3/4', system: 'CTS', outside: 0.875, sdr: 9.7, soldAs: [], minWall: 0.09, legalWall: 0.09, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1', system: 'CTS', outside: 1.125, sdr: 12.5, soldAs: [], minWall: 0.09, legalWall: 0.099, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1', system: 'CTS', outside: 1.125, sdr: 11.4, soldAs: [11, 11.5], minWall: 0.099, legalWall: 0.099, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1', system: 'CTS', outside: 1.125, sdr: 11.1, soldAs: [11], minWall: 0.101, legalWall: 0.099, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1-1/4', system: 'CTS', outside: 1.375, sdr: 15.3, soldAs: [], minWall: 0.09, legalWall: 0.121, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1-1/4', system: 'CTS', outside: 1.375, sdr: 11.4, soldAs: [11], minWall: 0.121, legalWall: 0.121, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1/2', system: 'IPS', outside: 0.84, sdr: 9.3, soldAs: [], minWall: 0.09, legalWall: 0.09, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'certain' },
  { size: '1/2', system: 'IPS', outside: 0.84, sdr: 11, soldAs: [], minWall: 0.076, legalWall: 0.09, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1/2', system: 'IPS', outside: 0.84, sdr: 13.5, soldAs: [], minWall: 0.062, legalWall: 0.09, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '3/4', system: 'IPS', outside: 1.05, sdr: 9.3, soldAs: [], minWall: 0.113, legalWall: 0.095, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '3/4', system: 'IPS', outside: 1.05, sdr: 11, soldAs: [], minWall: 0.095, legalWall: 0.095, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'certain' },
  { size: '3/4', system: 'IPS', outside: 1.05, sdr: 13.5, soldAs: [], minWall: 0.078, legalWall: 0.095, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1', system: 'IPS', outside: 1.315, sdr: 9.3, soldAs: [], minWall: 0.141, legalWall: 0.119, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1', system: 'IPS', outside: 1.315, sdr: 11, soldAs: [], minWall: 0.119, legalWall: 0.119, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'certain' },
  { size: '1', system: 'IPS', outside: 1.315, sdr: 13.5, soldAs: [], minWall: 0.097, legalWall: 0.119, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1-1/4', system: 'IPS', outside: 1.66, sdr: 9.3, soldAs: [], minWall: 0.178, legalWall: 0.151, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1-1/4', system: 'IPS', outside: 1.66, sdr: 11, soldAs: [], minWall: 0.151, legalWall: 0.151, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'certain' },
  { size: '1-1/4', system: 'IPS', outside: 1.66, sdr: 13.5, soldAs: [], minWall: 0.123, legalWall: 0.151, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1-1/2', system: 'IPS', outside: 1.9, sdr: 9.3, soldAs: [], minWall: 0.204, legalWall: 0.173, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1-1/2', system: 'IPS', outside: 1.9, sdr: 11, soldAs: [], minWall: 0.173, legalWall: 0.173, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'certain' },
  { size: '1-1/2', system: 'IPS', outside: 1.9, sdr: 13.5, soldAs: [], minWall: 0.141, legalWall: 0.173, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '2', system: 'IPS', outside: 2.375, sdr: 9.3, soldAs: [], minWall: 0.255, legalWall: 0.216, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '2', system: 'IPS', outside: 2.375, sdr: 11, soldAs: [], minWall: 0.216, legalWall: 0.216, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'certain' },
  { size: '2', system: 'IPS', outside: 2.375, sdr: 13.5, soldAs: [], minWall: 0.176, legalWall: 0.216, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'likely' },
  { size: '1-1/4', system: 'IPS', outside: 1.66, sdr: 10, soldAs: [], minWall: 0.166, legalWall: 0.151, source: 'ASTM D2513; legal minimum 49 CFR 192.121', confidence: 'certain' },
];
