import { plainRule } from './house-rule.ts';

/**
 * Whether the gas eats copper and brass: hydrogen sulphide over 0.3 grain in 100 cubic feet (7 mg/m³), as its supplier says. Source: the
 * model fuel-gas codes of North America; elsewhere the gas is kept under such a limit before it is sold.
 */
export const corrosiveGasRule = plainRule({
  id: 'corrosive-gas',
  topic: 'copper',
  options: ['not-known', 'under-limit', 'over-limit'],
  default: 'not-known',
  outrankedBy: ['local code'],
  mayAdd: false,
  version: 1,
});
