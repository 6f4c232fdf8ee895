import { toMillimetres, type Length } from '#core/units';

/** Kilograms in a cubic metre: copper (EN 1057), polyethylene of medium density, about. */
export const DENSITIES = { copper: 8_940, polyethylene: 945 } as const;

/** Pounds a foot as kilograms a metre. */
export const toKilogramsPerMetre = (poundsPerFoot: number): number => (poundsPerFoot * 0.45359237) / 0.3048;

/** What a metre of round tube weighs, kg: the ring of its wall times its density. Outside and wall in nm. */
export function weighTube(outside: Length, wall: Length, density: number): number {
  const [wide, thick] = [toMillimetres(outside) / 1000, toMillimetres(wall) / 1000];
  return Math.PI * thick * (wide - thick) * density;
}
