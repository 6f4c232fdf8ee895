import { plainRule } from './house-rule.ts';

/** Whether galvanised metal carries gas. */
export const galvanisedRule = plainRule({
  id: 'galvanised',
  topic: 'materials',
  options: ['forbidden', 'existing-only', 'allowed'],
  default: 'forbidden',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});
