import { plainRule } from './house-rule.ts';

/** Which length of a sediment trap its least length is held against: the nipple, what of it shows, or the pocket from the tee’s face to the cap’s bottom. */
export const trapMeasuredRule = plainRule({
  id: 'trap-measured',
  topic: 'traps',
  options: ['nipple', 'exposed', 'pocket'],
  default: 'nipple',
  outrankedBy: ['local code'],
  mayAdd: false,
  version: 1,
});
