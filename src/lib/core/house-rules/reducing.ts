import { plainRule } from './house-rule.ts';

/** How a run is reduced. */
export const reducingRule = plainRule({
  id: 'reducing',
  topic: 'materials',
  options: ['fitting-first', 'bushing-first'],
  default: 'fitting-first',
  outrankedBy: [],
  mayAdd: true,
  version: 1,
});
