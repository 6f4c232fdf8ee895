import type { SocketDepthRow } from '../joins/depths.ts';

/** How deep a socket takes its tube, inches or mm: typical, makers differ. What is not listed is not known. */
export const socketDepthsTable: readonly SocketDepthRow[] = [
  { join: 'capillary', size: '5/8 ACR', least: 0.5, most: 0.5, unit: 'in', source: 'wrought copper fittings, US', confidence: 'likely' },
  { join: 'capillary', size: '7/8 ACR', least: 0.75, most: 0.75, unit: 'in', source: 'wrought copper fittings, US', confidence: 'likely' },
  { join: 'capillary', size: '1-1/8 ACR', least: 0.91, most: 0.91, unit: 'in', source: 'wrought copper fittings, US', confidence: 'likely' },
  { join: 'capillary', size: '15 mm', least: 10.6, most: 12, unit: 'mm', source: 'capillary fittings, metric', confidence: 'likely' },
  { join: 'capillary', size: '22 mm', least: 15.4, most: 17, unit: 'mm', source: 'capillary fittings, metric', confidence: 'likely' },
  { join: 'compression', size: '15 mm', least: 16, most: 18, unit: 'mm', source: 'compression fittings, metric', confidence: 'approximate' },
  { join: 'stab', size: '1/2 CTS SDR 7', least: 1.0, most: 1.3, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '3/4 IPS SDR 9.3', least: 1.4, most: 1.7, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '3/4 IPS SDR 11', least: 1.4, most: 1.7, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '3/4 IPS SDR 13.5', least: 1.4, most: 1.7, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1 CTS SDR 11.1', least: 1.4, most: 1.7, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1 CTS SDR 11.4', least: 1.4, most: 1.7, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1 CTS SDR 12.5', least: 1.4, most: 1.7, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1 IPS SDR 9.3', least: 1.6, most: 1.8, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1 IPS SDR 11', least: 1.6, most: 1.8, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1 IPS SDR 13.5', least: 1.6, most: 1.8, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1-1/4 IPS SDR 9.3', least: 1.8, most: 2.1, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1-1/4 IPS SDR 10', least: 1.8, most: 2.1, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1-1/4 IPS SDR 11', least: 1.8, most: 2.1, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '1-1/4 IPS SDR 13.5', least: 1.8, most: 2.1, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '2 IPS SDR 9.3', least: 2.4, most: 2.9, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '2 IPS SDR 11', least: 2.4, most: 2.9, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
  { join: 'stab', size: '2 IPS SDR 13.5', least: 2.4, most: 2.9, unit: 'in', source: 'stab fittings, US, mark the depth from the fitting', confidence: 'approximate' },
];
