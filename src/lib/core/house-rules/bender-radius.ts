import type { CopperSize } from '#core/ends';
import { inches, millimetres, type Length } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type BenderRadiusOption = 'usual' | 'own';

/** To what radius the shop's benders bend each size. */
export const benderRadiusRule: HouseRule<'bender-radius', BenderRadiusOption> = {
  id: 'bender-radius',
  topic: 'copper',
  options: ['usual', 'own'],
  default: 'usual',
  outrankedBy: ['maker'],
  version: 1,
};

export type BenderRadiusChoice =
  | { readonly option: 'usual' }
  /** To the tube's centre line, nm, as it stands on the bender; sizes without one are bent to the usual radius. */
  | { readonly option: 'own'; readonly radii: Readonly<Partial<Record<CopperSize, Length>>> };

/** Radii commonly stated on lever benders for a tube's outside, nm. Typical: what stands on the bender goes before it. */
const USUAL_RADII: Readonly<Partial<Record<CopperSize, Length>>> = {
  '1/8 ACR': inches(3 / 8),
  '3/16 ACR': inches(7 / 16),
  '1/4 ACR': inches(9 / 16),
  '5/16 ACR': inches(11 / 16),
  '3/8 ACR': inches(15 / 16),
  '1/2 ACR': inches(1.5),
  '5/8 ACR': inches(2.25),
  '3/4 ACR': inches(3),
  '7/8 ACR': inches(3.5),
  '6 mm': millimetres(18),
  '8 mm': millimetres(24),
  '10 mm': millimetres(30),
  '12 mm': millimetres(36),
  '15 mm': millimetres(45),
  '22 mm': millimetres(70),
};

/** The radius (nm) a bender bends this tube to; `size` is the first name of its outside. Null where none is usual: it is entered. */
export function findBenderRadius(
  choice: BenderRadiusChoice,
  size: CopperSize,
): { readonly radius: Length; readonly isOwn: boolean } | null {
  const own = choice.option === 'own' ? choice.radii[size] : undefined;
  const radius = own ?? USUAL_RADII[size];
  return radius === undefined ? null : { radius, isOwn: own !== undefined };
}
