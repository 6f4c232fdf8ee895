import type { LegSize } from '#core/ends';
import { nameCopper } from './copper-tube.ts';
import { findFlareExtra } from './depths.ts';
import { USUAL, type Join } from './join.ts';

/** Tubes that 45° flares are made on: those of the inch list, and 8 mm, which is 5/16 within a tenth of a millimetre. */
const FLARED: ReadonlySet<LegSize> = new Set([
  '1/8 ACR', '3/16 ACR', '1/4 ACR', '5/16 ACR', '3/8 ACR', '1/2 ACR', '5/8 ACR', '3/4 ACR', '7/8 ACR', '8 mm',
]); // prettier-ignore

/** The size of flare fitting that a tube takes: 8 mm goes in 5/16. */
const getFlareSize = (size: LegSize): string => (size === '8 mm' ? '5/16' : size.split(' ')[0]!);

/** A flared joint comes apart like a union: no union is made for it. The cone of the fitting takes the flare, and a nut holds it. */
export const flare = {
  ...USUAL,
  tube: 'copper',
  nameTube: nameCopper,
  kinds: ['coupling', 'elbow-90', 'tee', 'cap', 'valve'],
  isMadeIn: (size) => FLARED.has(size),
  steps: { coupling: 2, tee: 2 },
  metal: 'brass',
  socket: null,
  makeOpening: (size) => ({
    kind: 'thread',
    family: 'sae-45',
    size: `${getFlareSize(size)} tube`,
    gender: 'male',
    hand: null,
    seat: '45',
    metal: 'brass',
  }),
  findDepth: ({ flares }, size) => findFlareExtra(flares, size),
  sheet: ['torque'],
  name: 'flare',
  kindNames: { adapter: 'half union', cap: 'plug', coupling: 'union' },
  counterWords: 'flare flared sae od copper tube',
  // Of flared copper a coupling is called a union, an adapter half of one, and what closes a nut a plug.
  kindWords: { coupling: 'union reducing', adapter: 'half union', cap: 'plug' },
} as const satisfies Join;
