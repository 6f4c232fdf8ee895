import { plainRule } from './house-rule.ts';

/** How deep a line is buried. */
export const burialDepthRule = plainRule({
  id: 'burial-depth',
  topic: 'polyethylene',
  options: ['ask', '12-inch', '18-inch', '24-inch'],
  default: 'ask',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});
