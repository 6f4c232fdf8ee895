import type { End } from '#core/ends';

/** Sides of pressure, the lowest first: what an appliance takes, what runs between two regulators, what is in a cylinder. Only a regulator lowers it. */
export const SIDES = ['appliance', 'intermediate', 'cylinder'] as const;
export type Side = (typeof SIDES)[number];

/** Threads of the cylinder list that are met behind a regulator too, on hoses: nothing about them says what pressure they are on. */
const ON_HOSES: ReadonlySet<string> = new Set([
  'G 3/8 LH', 'G 1/4 LH (camping cylinders / hoses)', '9/16-18 LH (B size, CGA 023)', '3/8-24 LH (A size, CGA 021)',
]); // prettier-ignore

/** Whether an end is a cylinder's valve or the nut made for it: whatever is on it has the pressure of the cylinder. */
export const isOfCylinder = (end: End): boolean =>
  end.kind === 'thread' && end.family === 'cylinder' && !ON_HOSES.has(end.size);
