import { accept, refuse, type Result } from '#core/outcome';
import type { LengthUnit } from './length.ts';

/** A torque, whole mN·m. */
export type Torque = number;

/** A pound-foot, mN·m: 0.3048 m × 4.448 221 615 260 5 N. Source: NIST SP 811. */
const POUND_FOOT = 1355.8179483314;
const NEWTON_METRE = 1000;

/** The units a torque is written in, and how each is written. */
const UNITS: readonly { readonly as: RegExp; readonly is: number }[] = [
  { as: /^(lb[ ·-]?ft|ft[ ·-]?lbs?|foot[ -]?pounds?)$/i, is: POUND_FOOT },
  { as: /^(lb[ ·-]?in|in[ ·-]?lbs?)$/i, is: POUND_FOOT / 12 },
  { as: /^n[ ·-]?m$/i, is: NEWTON_METRE },
];
const MOST = 1_000_000;

export interface TorqueRefusal {
  readonly code: 'torque-unreadable';
  readonly typed: string;
}

/** Reads a torque: a number with its unit, or in the one of the units gone by (lb·ft beside inches, N·m beside mm). Refuses none, and more than a nut is ever pulled to. */
export function parseTorque(typed: string, unit: LengthUnit): Result<Torque, TorqueRefusal> {
  const [, amount, said] = /^\s*(\d+(?:[.,]\d+)?)\s*(\S.*?)?\s*$/.exec(typed) ?? [];
  const is =
    said === undefined
      ? unit === 'in'
        ? POUND_FOOT
        : NEWTON_METRE
      : UNITS.find(({ as }) => as.test(said))?.is;
  const torque =
    amount === undefined || is === undefined ? Number.NaN : Math.round(Number(amount.replace(',', '.')) * is);
  return torque >= 1 && torque <= MOST ? accept(torque) : refuse({ code: 'torque-unreadable', typed });
}

/** In the unit that goes with a unit of length. */
export const toTorqueUnit = (torque: Torque, unit: LengthUnit): number =>
  torque / (unit === 'in' ? POUND_FOOT : NEWTON_METRE);
