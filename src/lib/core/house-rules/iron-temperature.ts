import { plainRule } from './house-rule.ts';

/** The temperature of the butt fusion iron. */
export const ironTemperatureRule = plainRule({
  id: 'iron-temperature',
  topic: 'polyethylene',
  options: ['maker', '425-plus-minus-10'],
  default: 'maker',
  outrankedBy: ['maker'],
  mayAdd: true,
  version: 1,
});
