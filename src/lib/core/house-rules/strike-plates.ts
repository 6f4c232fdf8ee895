import { inches, type Length } from '../units/length.ts';
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
const NEAREST: Readonly<Record<PlateOption, Length>> = {
  'one-and-half': inches(1.5),
  'one-and-three-quarter': inches(1.75),
};

/** Nearer than this to the face of a member (nm) tubing gets a plate. Source: model code texts, by edition; the maker's distance goes before it. */
export const getPlateDistance = (choice: PlainChoice<PlateOption>): Length =>
  NEAREST[choice.option === 'own' ? strikePlatesRule.default : choice.option];
