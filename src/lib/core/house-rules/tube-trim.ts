import { type Length, onTapeOf, roundInches, type RoundFigure, type TapeRule } from '#core/units';
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
export const TRIMS: Readonly<Record<TrimOption, RoundFigure>> = {
  'four-inch': roundInches(4),
  'two-inch': roundInches(2),
  'six-inch': roundInches(6),
};

/** What is added at each end that is trimmed in place, nm. Ours. */
export function getTrim(rules: TapeRule & { readonly 'tube-trim': PlainChoice<TrimOption> }): Length {
  const { option } = rules['tube-trim'];
  return onTapeOf(rules, TRIMS[option === 'own' ? tubeTrimRule.default : option]);
}
