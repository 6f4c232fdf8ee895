import { type Length, onTapeOf, roundInches, type RoundFigure, type TapeRule } from '#core/units';
import { plainRule, type PlainChoice } from './house-rule.ts';

/** How near the face of a stud or joist tubing may pass without a strike plate. */
export const strikePlatesRule = plainRule({
  id: 'strike-plates',
  topic: 'csst',
  options: ['one-and-half', 'one-and-three-quarter'],
  default: 'one-and-three-quarter',
  outrankedBy: ['maker', 'local code'],
  mayAdd: false,
  version: 1,
});

type PlateOption = (typeof strikePlatesRule.options)[number];
export const PLATE_DISTANCES: Readonly<Record<PlateOption, RoundFigure>> = {
  'one-and-half': roundInches(1.5, 40),
  'one-and-three-quarter': roundInches(1.75, 45),
};

/** Nearer than this to the face of a member (nm) tubing gets a plate. Source: model code texts, by edition; the maker's distance goes before it. */
export function getPlateDistance(
  rules: TapeRule & { readonly 'strike-plates': PlainChoice<PlateOption> },
): Length {
  const { option } = rules['strike-plates'];
  return onTapeOf(rules, PLATE_DISTANCES[option === 'own' ? strikePlatesRule.default : option]);
}
