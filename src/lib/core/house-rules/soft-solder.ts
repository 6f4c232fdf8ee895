import { plainRule } from './house-rule.ts';

/** How copper is joined by heat. */
export const softSolderRule = plainRule({
  id: 'soft-solder',
  topic: 'materials',
  options: ['forbidden', 'capillary', 'brazing'],
  default: 'brazing',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});
