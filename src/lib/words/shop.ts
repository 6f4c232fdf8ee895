import {
  type Material,
  getCopperOutside,
  getFirstOfOutside,
  getNominalOfOutside,
  isCopperSize,
} from '#core/catalogue';
import { isNominal, type LegSize } from '#core/ends';
import type { HouseRules } from '#core/house-rules';
import { getMaterialTraits } from '#core/materials';
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

/** Tools and preparation for pieces of one material and size. */
export const sayShop = (material: Material, size: LegSize, rules: HouseRules): string =>
  getMaterialTraits(material)
    .readyInShop.replace('{size}', size)
    .replace('{both}', sayBothSizes(size))
    .replace('{insert}', size.split(' SDR')[0]!)
    .replace('{wrench}', isNominal(size) ? sayWrench(size, rules['who-holds']) : '');
