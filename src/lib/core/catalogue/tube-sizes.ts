import {
  COPPER_SIZES,
  NOMINAL_SIZES,
  PE_SIZES,
  type CopperSize,
  type LegSize,
  type NominalSize,
  type PeSize,
} from '#core/ends';
import type { Stock } from './pipe.ts';
import { INCH, inches, millimetres, type Length } from '#core/units';

const SIXTEENTHS = 16;

/** A size as an old hand writes it, `1-1/4`, in inches. */
function readInches(name: string): number {
  const [whole, part] = name.includes('-')
    ? name.split('-')
    : name.includes('/')
      ? ['0', name]
      : [name, '0/1'];
  const [over, under] = part!.split('/').map(Number);
  return Number(whole) + over! / under!;
}

/**
 * Outside diameter of copper tube by what it is called, nm: ACR by its outside, K and L an eighth of an inch more than their name, metric by
 * its outside. Source: ASTM B280, B88, EN 1057; a test holds every published row against it.
 */
export const getCopperOutside = (size: CopperSize): Length => OUTSIDES.get(size)!;

function workOutOutside(size: CopperSize): Length {
  const [name, of] = size.split(' ') as [string, string];
  if (of === 'mm') return millimetres(Number(name));
  return inches(readInches(name)) + (of === 'ACR' ? 0 : (2 * INCH) / SIXTEENTHS);
}

const OUTSIDES: ReadonlyMap<string, Length> = new Map(
  COPPER_SIZES.map((size) => [size, workOutOutside(size)]),
);

/** The tube of the lists that a size and a stock are: ACR is listed in coils and, from 3/8 up, in straight lengths. */
export function getCopperName(size: CopperSize, stock: Stock): string {
  if (!size.endsWith(' ACR')) return size;
  const isListed = stock !== 'coil' && getCopperOutside(size) >= inches(3 / 8);
  return `${size} ${isListed ? 'straight' : 'coil'}`;
}

/** Copper sizes of one outside diameter are one to a fitting: it goes by the first of them. */
export const getFirstOfOutside = (size: CopperSize): CopperSize => FIRSTS.get(size)!;

const FIRSTS: ReadonlyMap<string, CopperSize> = new Map(
  COPPER_SIZES.map((size) => [
    size,
    COPPER_SIZES.find((each) => getCopperOutside(each) === getCopperOutside(size))!,
  ]),
);

/** The plumbing tube (type L) of an outside, which goes by its nominal size; the size itself where there is none, as of metric tube. */
export const getNominalOfOutside = (size: CopperSize): CopperSize =>
  COPPER_SIZES.find((each) => each.endsWith(' L') && getCopperOutside(each) === getCopperOutside(size)) ??
  size;

/** Sizes corrugated stainless tubing is made in. */
export const CSST_SIZES = [
  '3/8',
  '1/2',
  '3/4',
  '1',
  '1-1/4',
  '1-1/2',
  '2',
] as const satisfies readonly NominalSize[];

/** Steel pipe that is pressed, in sizes that couplings listed for gas are made in. */
export const STEEL_PRESS_SIZES: readonly NominalSize[] = NOMINAL_SIZES.slice(
  NOMINAL_SIZES.indexOf('1/2'),
  NOMINAL_SIZES.indexOf('4') + 1,
);

/** Every size that tube is listed in, whatever it is of. */
export const ALL_TUBE_SIZES: readonly LegSize[] = [
  ...new Set<LegSize>([...CSST_SIZES, ...STEEL_PRESS_SIZES, ...COPPER_SIZES, ...PE_SIZES]),
];

/** The name a size goes by at a fitting: of copper the first of its outside, of all else its own. */
export const getFirstSize = (size: LegSize): LegSize => (isCopperSize(size) ? getFirstOfOutside(size) : size);

/** Whether it is a size of copper. */
export const isCopperSize = (size: LegSize): size is CopperSize => OUTSIDES.has(size);

/** Iron pipe size: the outside of steel pipe of that name, inches. Source: ASTM D2513; a test holds every published row against it. */
const IRON_PIPE_OUTSIDES: Readonly<Record<string, number>> = {
  '1/2': 0.84,
  '3/4': 1.05,
  '1': 1.315,
  '1-1/4': 1.66,
  '1-1/2': 1.9,
  '2': 2.375,
};

/** What a size of polyethylene pipe says of it: lengths in nm. The wall is the least one, outside over dimension ratio. */
export interface PeFigures {
  readonly nominal: NominalSize;
  readonly system: 'CTS' | 'IPS';
  readonly sdr: number;
  readonly outside: Length;
  readonly wall: Length;
  readonly bore: Length;
}

function workOutPe(size: PeSize): PeFigures {
  const [nominal, system, , sdr] = size.split(' ') as [NominalSize, 'CTS' | 'IPS', string, string];
  // Copper tube size: an eighth of an inch more than its name, as of type L.
  const outside =
    system === 'CTS'
      ? inches(readInches(nominal)) + (2 * INCH) / SIXTEENTHS
      : inches(IRON_PIPE_OUTSIDES[nominal]!);
  const wall = Math.round(outside / Number(sdr));
  return { nominal, system, sdr: Number(sdr), outside, wall, bore: outside - 2 * wall };
}

const PE_FIGURES: ReadonlyMap<string, PeFigures> = new Map(PE_SIZES.map((size) => [size, workOutPe(size)]));

/** The figures of a size of polyethylene pipe. */
export const getPeFigures = (size: PeSize): PeFigures => PE_FIGURES.get(size)!;

/** Whether it is a size of polyethylene pipe. */
export const isPeSize = (size: LegSize): size is PeSize => PE_FIGURES.has(size);
