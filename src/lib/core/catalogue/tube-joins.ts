import { inches } from '#core/units';
import {
  type End,
  type SocketKind,
  type TubeEnd,
  type TubeKind,
  type TubeName,
  rankSize,
  type CopperSize,
  type LegSize,
} from '#core/ends';
import type { AdapterKind, BoughtKind, Part, TubeJoin } from './part.ts';
import {
  CSST_SIZES,
  getCopperName,
  getCopperOutside,
  getNominalOfOutside,
  getPeFigures,
  isCopperSize,
  isPeSize,
  STEEL_PRESS_SIZES,
} from './tube-sizes.ts';

/* What each way of joining tube is: which tube and sizes it is for, what is made for it, and the opening that takes the tube. */

/** What is made for each way of joining. A flared joint comes apart like a union: no union is made for it. */
export const KINDS_BY_JOIN: Readonly<Record<TubeJoin, readonly BoughtKind[]>> = {
  flare: ['coupling', 'elbow-90', 'tee', 'cap', 'valve'],
  compression: ['coupling', 'elbow-90', 'tee', 'cap', 'valve', 'reducing-set'],
  capillary: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  brazed: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  'press-copper': ['coupling', 'slip-coupling', 'elbow-90', 'elbow-45', 'tee', 'cap', 'union', 'valve'],
  'press-steel': ['coupling', 'slip-coupling', 'elbow-90', 'elbow-45', 'tee', 'cap', 'union', 'valve'],
  csst: ['coupling', 'tee', 'manifold'],
  stab: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  // Its equal coupling is the butt joint: nothing is bought for it.
  fusion: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
};

/** Tubes that 45° flares are made on: those of the inch list, and 8 mm, which is 5/16 within a tenth of a millimetre. */
const FLARED: ReadonlySet<LegSize> = new Set([
  '1/8 ACR', '3/16 ACR', '1/4 ACR', '5/16 ACR', '3/8 ACR', '1/2 ACR', '5/8 ACR', '3/4 ACR', '7/8 ACR', '8 mm',
]); // prettier-ignore
/** Whether it is called by millimetres. */
export const isMetric = (size: LegSize): boolean => size.endsWith(' mm');

/** The sizes that fittings are made in, by the first name of each outside. */
export const JOIN_SIZES: Readonly<Record<TubeJoin, (size: LegSize) => boolean>> = {
  flare: (size) => FLARED.has(size),
  compression: (size) => isBetween(size, 0.125, 0.875),
  capillary: (size) => isBetween(size, 0.25, 2.125),
  brazed: (size) => isBetween(size, 0.25, 2.125),
  'press-copper': (size) => isBetween(size, 0.625, 2.125) || (isMetric(size) && isBetween(size, 0.58, 2.2)),
  'press-steel': (size) => (STEEL_PRESS_SIZES as readonly string[]).includes(size),
  csst: (size) => (CSST_SIZES as readonly string[]).includes(size),
  stab: isPeSize,
  fusion: isPeSize,
};
const isBetween = (size: LegSize, least: number, most: number): boolean =>
  isCopperSize(size) && getCopperOutside(size) >= inches(least) && getCopperOutside(size) <= inches(most);

const SOCKETS: Readonly<Record<Exclude<TubeJoin, 'flare' | 'fusion'>, SocketKind>> = {
  compression: 'compression-body',
  capillary: 'capillary',
  brazed: 'brazed',
  'press-copper': 'press-copper',
  'press-steel': 'press',
  csst: 'csst-fitting',
  stab: 'stab',
};

/** The kind of tube each way of joining is for. */
export const TUBE_KIND_OF: Readonly<Record<TubeJoin, TubeKind>> = {
  flare: 'copper', compression: 'copper', capillary: 'copper', brazed: 'copper', 'press-copper': 'copper',
  'press-steel': 'steel', csst: 'csst', stab: 'polyethylene', fusion: 'polyethylene',
}; // prettier-ignore

/** The tube of the lists that fittings of a size are marked for. */
export function getTubeOf(join: TubeJoin, size: LegSize): TubeName {
  const of = TUBE_KIND_OF[join];
  if (of === 'csst') return { of, name: `${size} CSST` };
  if (of === 'polyethylene') return { of, name: size };
  // A press fitting goes by the nominal size that the counter uses: its tube is plumbing tube.
  if (join === 'press-copper') return { of, name: getNominalOfOutside(size as CopperSize) };
  if (of === 'steel') return { of, name: `${size} steel pipe` };
  return { of, name: getCopperName(size as CopperSize, 'coil') };
}

/** The size of flare fitting that a tube takes: 8 mm goes in 5/16. */
const getFlareSize = (size: LegSize): string => (size === '8 mm' ? '5/16' : size.split(' ')[0]!);

/** The opening of a fitting that a tube is joined to: what takes it; of a flare fitting the cone its nut is screwed on. */
export function makeTubeOpening(join: TubeJoin, size: LegSize): End {
  if (join === 'flare')
    return { kind: 'thread', family: 'sae-45', size: `${getFlareSize(size)} tube`, gender: 'male', hand: null, seat: '45', metal: 'brass' }; // prettier-ignore
  if (join === 'fusion') return { kind: 'fusion-face', takes: getTubeOf(join, size) };
  return { kind: 'socket', how: SOCKETS[join], takes: getTubeOf(join, size) };
}

/** The tube that fittings of a size are marked for: cut square, or faced to be melted. */
export const makePlainEnd = (join: TubeJoin, size: LegSize): TubeEnd => ({
  kind: 'tube',
  ...getTubeOf(join, size),
  prepared: join === 'fusion' ? 'faced' : 'plain',
  temper: null,
});

/** What fittings of each way of joining are made of. */
export const JOIN_METALS: Readonly<Record<TubeJoin, Part['material']>> = {
  flare: 'brass', compression: 'brass', capillary: 'copper', brazed: 'copper', 'press-copper': 'copper', 'press-steel': 'steel',
  csst: 'brass', stab: 'polyethylene', fusion: 'polyethylene',
}; // prettier-ignore

/** To tell the larger of two sizes of one list: copper and polyethylene by their outside, others by their place. */
export const getWidth = (size: LegSize): number =>
  isCopperSize(size) ? getCopperOutside(size) : isPeSize(size) ? getPeFigures(size).outside : rankSize(size);

/** What brings tube joined so to a pipe thread. */
export const JOIN_ADAPTERS: Readonly<Record<TubeJoin, readonly AdapterKind[]>> = {
  flare: ['adapter'],
  compression: ['adapter'],
  capillary: ['adapter'],
  brazed: ['adapter'],
  'press-copper': ['adapter'],
  'press-steel': ['adapter'],
  csst: ['adapter', 'flange'],
  stab: ['adapter', 'riser'],
  fusion: ['adapter', 'riser'],
};
