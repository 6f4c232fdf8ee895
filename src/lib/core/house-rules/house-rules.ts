import type { LengthUnit } from '../units/length.ts';
import type { TapeGraduation } from '../units/tape.ts';
import { engagementFigureRule, type EngagementChoice } from './engagement-figure.ts';
import { lengthMethodRule, type LengthMethodOption } from './length-method.ts';
import { NIPPLE_TOLERANCE, nipplesRule, type NipplesChoice } from './nipples.ts';
import { sawKerfRule, type KerfChoice } from './saw-kerf.ts';
import { stockLengthRule, type StockOption } from './stock-length.ts';
import { tapeRoundingRule } from './tape-rounding.ts';
import { threadingGripRule, type GripChoice } from './threading-grip.ts';

/** Every house rule there is, in the order of the page that shows them. */
export const HOUSE_RULES = [
  engagementFigureRule,
  tapeRoundingRule,
  lengthMethodRule,
  nipplesRule,
  threadingGripRule,
  sawKerfRule,
  stockLengthRule,
] as const;

export type RuleId = (typeof HOUSE_RULES)[number]['id'];

/** What was chosen, whole: one choice per rule. */
export interface HouseRules {
  readonly 'engagement-figure': EngagementChoice;
  readonly 'tape-rounding': { readonly option: TapeGraduation };
  readonly 'length-method': { readonly option: LengthMethodOption };
  readonly nipples: NipplesChoice;
  readonly 'threading-grip': GripChoice;
  readonly 'saw-kerf': KerfChoice;
  readonly 'stock-length': { readonly option: StockOption };
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
    nipples: { option: nipplesRule.default, tolerance: NIPPLE_TOLERANCE },
    'threading-grip': { option: 'one-inch' },
    'saw-kerf': { option: 'wheel-cutter' },
    'stock-length': { option: stockLengthRule.default },
    ...choices,
  };
}

/** The choices a shop begins with in a job measured in `unit`: a metric tape has no sixteenths. */
export const getOpeningChoices = (unit: LengthUnit): RuleChoices =>
  unit === 'mm' ? { 'tape-rounding': { option: '1 mm' }, 'stock-length': { option: '6 m' } } : {};
