import type { ZoneId } from '#core/permissions';
import { straight, type DemoLeg } from './demo-fernhill.ts';

export const LANE_RUN = 'demofernhilllane';
const STEEL = { size: '1' } as const;
const PE = { size: '1 IPS SDR 11', material: 'pe-stabbed' } as const;

/**
 * From the meter at the lane wall: down into the ground, 62 ft of polyethylene round the corner of the yard, a riser at each end, up the dairy's
 * wall behind a shut-off, and through it to where the header begins.
 */
export const LANE: readonly DemoLeg[] = [
  straight(0, 'right', '1-2', { ...STEEL, parts: [['valve', '7']] }),
  straight(1, 'down', '2-6', STEEL),
  straight(2, 'right', '41-0', PE),
  straight(3, 'back', '21-0', PE),
  straight(4, 'up', '3-0', { ...STEEL, parts: [['valve', '1-9']] }),
  straight(5, 'back', '1-4', { ...STEEL, terminal: { kind: 'cap' } }),
];

export const LANE_ZONES: readonly (readonly [zone: ZoneId, tags: readonly number[]])[] = [
  ['outdoors', [1, 2, 5, 6]],
  ['buried', [3, 4]],
];

/** At the far end of a leg: the ground over the pipe. */
export const LANE_COVERS = [
  [2, '18'],
  [3, '20'],
  [4, '24'],
] as const;

export const LANE_BEARINGS = [
  [3, 74],
  [4, 344],
] as const;

const PRINT = '1 IPS SDR 11 PE2708 ASTM D2513 GAS';
/** Of the pipe of a leg, and of the riser at the far end of one with how deep it may be buried. */
export const LANE_PIPE_PRINTS = [[3, PRINT]] as const;
export const LANE_RISERS = [
  [2, PRINT, '36'],
  [4, PRINT, '36'],
] as const;
