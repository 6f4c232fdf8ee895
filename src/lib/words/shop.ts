import {
  type Material,
  getCopperOutside,
  getFirstOfOutside,
  getNominalOfOutside,
  isCopperSize,
} from '#core/catalogue';
import { isNominal, type LegSize } from '#core/ends';
import type { HouseRules } from '#core/house-rules';
import { toInches } from '#core/units';
import { sayNumber } from './length-text.ts';
import { sayWrench } from './joints.ts';

/** `1/2 nominal, 5/8 outside`: a size of copper by both its names, so that no tool is taken by the wrong one. */
export function sayBothSizes(size: LegSize): string {
  if (!isCopperSize(size) || size.endsWith(' mm')) return size;
  const [outside] = getFirstOfOutside(size).split(' ACR');
  const inOutside = getFirstOfOutside(size).endsWith(' ACR')
    ? outside!
    : sayNumber(toInches(getCopperOutside(size)), 3);
  const [nominal, of] = getNominalOfOutside(size).split(' ');
  return of === 'L' ? `${nominal} nominal, ${inOutside} outside` : `${inOutside} outside`;
}

type Shop = (size: LegSize, rules: HouseRules) => string;

const threaded: Shop = (size, rules) =>
  isNominal(size) ? `${size} die; ${sayWrench(size, rules['who-holds'])}` : '';
const corrugated: Shop = () =>
  'sharp wheel cutter, cut in a valley; jacket back as the maker says, no score; two spanners at each end';

/** What stands ready in the shop for pieces of a material: tools by size, and how its ends are prepared. */
const SHOPS: Readonly<Record<Material, Shop>> = {
  'black-iron': threaded,
  'steel-r': threaded,
  csst: corrugated,
  'csst-arc': corrugated,
  'copper-flared': (size) =>
    `wheel cutter; flare block with the hole for ${sayBothSizes(size)}, no other; nut on first, facing the end; two spanners`,
  'copper-compression': () =>
    'wheel cutter, square and deburred; nut, then olive; no score where the olive sits; two spanners',
  'copper-capillary': () => 'wheel cutter, square; both clean, flux, heat mat',
  'copper-brazed': () => 'wheel cutter, square; both clean, brazing rod, heat mat',
  'steel-pressed': (size) => `${size} jaw, listed for gas; square, deburred, paint and scale off, depth mark`,
  'pe-stabbed': () =>
    'pipe shears, square; chamfer tool of the fitting’s maker; depth mark; clean cloth; fittings stay in their bags',
  'pe-fused': (size) =>
    `fusion jig and facer with the inserts for ${size.split(' SDR')[0]!}; iron thermometer; clean dry cloths; spare length for a joint cut out`,
  'copper-pressed': (size) => `jaw for ${sayBothSizes(size)}, listed for gas; square, deburred, depth mark`,
};

/** Tools and preparation for pieces of one material and size. */
export const sayShop = (material: Material, size: LegSize, rules: HouseRules): string =>
  SHOPS[material](size, rules);
