import { plainRule } from './house-rule.ts';

/** How CSST is held. */
export const csstSupportsRule = plainRule({
  id: 'csst-supports',
  topic: 'csst',
  options: ['maker', 'closer'],
  default: 'maker',
  outrankedBy: ['maker', 'local code'],
  mayAdd: false,
  version: 1,
});
