import type { LengthUnit } from '../units/length.ts';
import type { TapeGraduation } from '../units/tape.ts';
import { engagementFigureRule, type EngagementChoice } from './engagement-figure.ts';
import { lengthMethodRule, type LengthMethodOption } from './length-method.ts';
import { tapeRoundingRule } from './tape-rounding.ts';

/** Every house rule there is, in the order of the page that shows them. */
export const HOUSE_RULES = [engagementFigureRule, tapeRoundingRule, lengthMethodRule] as const;

export type RuleId = (typeof HOUSE_RULES)[number]['id'];

/** What was chosen, whole: one choice per rule. */
export interface HouseRules {
  readonly 'engagement-figure': EngagementChoice;
  readonly 'tape-rounding': { readonly option: TapeGraduation };
  readonly 'length-method': { readonly option: LengthMethodOption };
}

/** The choices a document carries: a rule that is absent stands at its default. */
export type RuleChoices = { readonly [Id in RuleId]?: HouseRules[Id] };

/** The version of the rules taken together; sheets and files carry it. */
export const RULE_PACK_VERSION = HOUSE_RULES.map((rule) => rule.version).join('.');

/** Fills the rules that were not chosen with their defaults. */
export function resolveRules(choices: RuleChoices): HouseRules {
  return {
    'engagement-figure': { option: 'shop-table' },
    'tape-rounding': { option: tapeRoundingRule.default },
    'length-method': { option: lengthMethodRule.default },
    ...choices,
  };
}

/** The choices a shop begins with in a job measured in `unit`: a metric tape has no sixteenths. */
export const getOpeningChoices = (unit: LengthUnit): RuleChoices =>
  unit === 'mm' ? { 'tape-rounding': { option: '1 mm' } } : {};
