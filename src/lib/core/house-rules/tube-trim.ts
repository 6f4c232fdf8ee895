import { INCH, type Length } from '../units/length.ts';
import { plainRule, type PlainChoice } from './house-rule.ts';

/** How much longer tube is cut that is marked and trimmed in place, where a fitting at its end has not been measured. */
export const tubeTrimRule = plainRule({
  id: 'tube-trim',
  topic: 'csst',
  options: ['four-inch', 'two-inch', 'six-inch'],
  default: 'four-inch',
  outrankedBy: [],
  mayAdd: false,
  version: 1,
});

type TrimOption = (typeof tubeTrimRule.options)[number];
const TRIMS: Readonly<Record<TrimOption, Length>> = {
  'four-inch': 4 * INCH,
  'two-inch': 2 * INCH,
  'six-inch': 6 * INCH,
};

/** What is added at each end that is trimmed in place, nm. Ours. */
export const getTrim = (choice: PlainChoice<TrimOption>): Length =>
  choice.option === 'own' ? TRIMS[tubeTrimRule.default] : TRIMS[choice.option];
