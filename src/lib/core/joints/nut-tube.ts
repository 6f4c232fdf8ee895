import type { Millimetres } from '#core/units';
import { type ListedThread, readFraction } from '#core/catalogue';

/** Outside diameter (mm) of the tube a nut is for, as its name says it: `8 mm tube: G 1/4`, `3/8 tube`; null where none stands. */
export function findTubeOutside({ size }: ListedThread): Millimetres | null {
  const metric = /(\d+) mm tube/.exec(size)?.[1];
  if (metric) return Number(metric);
  const inch = /([\d/-]+) tube/.exec(size)?.[1]?.replace(/^-/, '');
  return inch ? readFraction(inch) * 25.4 : null;
}
