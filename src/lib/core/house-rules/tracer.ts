import { plainRule } from './house-rule.ts';

/** What marks a buried line. */
export const tracerRule = plainRule({
  id: 'tracer',
  topic: 'polyethylene',
  options: ['wire', 'tape', 'both'],
  default: 'both',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});
