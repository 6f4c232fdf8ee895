import { plainRule } from './house-rule.ts';

/** Which appliances get a sediment trap. */
export const trapNeededRule = plainRule({
  id: 'trap-needed',
  topic: 'traps',
  options: ['model-list', 'every-appliance', 'none'],
  default: 'model-list',
  outrankedBy: ['local code', 'maker'],
  mayAdd: true,
  version: 2,
});
