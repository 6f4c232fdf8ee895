import { isSameJson, type Json } from '#core/outcome';
import type { TapeGraduation } from '#core/units';
import { bendStraightRule, type BendStraightChoice } from './bend-straight.ts';
import { benderMarkRule, type BenderMarkChoice } from './bender-mark.ts';
import { benderRadiusRule, type BenderRadiusChoice } from './bender-radius.ts';
import { contractionRule, type ContractionChoice } from './contraction.ts';
import { engagementFigureRule, type EngagementChoice } from './engagement-figure.ts';
import { fusionLossRule, type FusionLossChoice } from './fusion-loss.ts';
import { howTightRule, type HowTightChoice } from './how-tight.ts';
import { lengthMethodRule, type LengthMethodOption } from './length-method.ts';
import type { PlainChoice } from './house-rule.ts';
import { NIPPLE_TOLERANCES, nipplesRule, type NipplesChoice } from './nipples.ts';
import { PLAIN_RULES } from './plain-rules.ts';
import { pressSpacingRule, type PressSpacingChoice } from './press-spacing.ts';
import { sawKerfRule, type KerfChoice } from './saw-kerf.ts';
import { stockLengthRule, type StockOption } from './stock-length.ts';
import { supportEndsRule, type SupportEndsChoice } from './support-ends.ts';
import { tapeRoundingRule } from './tape-rounding.ts';
import { trapKindsRule, type TrapKindsChoice } from './trap-kinds.ts';
import { trapRoomRule, type TrapRoomChoice } from './trap-room.ts';
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
  howTightRule,
  trapKindsRule,
  trapRoomRule,
  benderRadiusRule,
  benderMarkRule,
  bendStraightRule,
  pressSpacingRule,
  supportEndsRule,
  fusionLossRule,
  contractionRule,
  ...PLAIN_RULES,
] as const;

export type RuleId = (typeof HOUSE_RULES)[number]['id'];

export type PlainRule = (typeof PLAIN_RULES)[number];
export type PlainRuleId = PlainRule['id'];
type PlainHouseRules = {
  readonly [Id in PlainRuleId]: PlainChoice<Extract<PlainRule, { id: Id }>['options'][number]>;
};

/** What was chosen, whole: one choice per rule. */
export interface HouseRules extends PlainHouseRules {
  readonly 'engagement-figure': EngagementChoice;
  readonly 'tape-rounding': { readonly option: TapeGraduation };
  readonly 'length-method': { readonly option: LengthMethodOption };
  readonly nipples: NipplesChoice;
  readonly 'threading-grip': GripChoice;
  readonly 'saw-kerf': KerfChoice;
  readonly 'stock-length': { readonly option: StockOption };
  readonly 'how-tight': HowTightChoice;
  readonly 'trap-kinds': TrapKindsChoice;
  readonly 'trap-room': TrapRoomChoice;
  readonly 'bender-radius': BenderRadiusChoice;
  readonly 'bender-mark': BenderMarkChoice;
  readonly 'bend-straight': BendStraightChoice;
  readonly 'press-spacing': PressSpacingChoice;
  readonly 'support-ends': SupportEndsChoice;
  readonly 'fusion-loss': FusionLossChoice;
  readonly contraction: ContractionChoice;
}

/** The choices a document carries: a rule that is absent stands at its default. */
export type RuleChoices = { readonly [Id in RuleId]?: HouseRules[Id] };

/** The version of the rules taken together: how many there are, and all their versions; sheets and files carry it. */
export const RULE_PACK_VERSION = `${HOUSE_RULES.length}.${HOUSE_RULES.reduce((sum, { version }) => sum + version, 0)}`;

/** Every plain rule at its default. */
const PLAIN_DEFAULTS = Object.fromEntries(
  PLAIN_RULES.map((rule) => [rule.id, { option: rule.default }]),
) as unknown as PlainHouseRules;

/** Choices → the rules they make: the same object for the same choices, so that what rests on rules knows that they are the same. */
const resolved = new WeakMap<RuleChoices, HouseRules>();

/** Fills the rules that were not chosen with their defaults. */
export function resolveRules(choices: RuleChoices): HouseRules {
  const before = resolved.get(choices);
  if (before) return before;
  const rules = fillIn(choices);
  resolved.set(choices, rules);
  return rules;
}

function fillIn(choices: RuleChoices): HouseRules {
  return {
    ...PLAIN_DEFAULTS,
    'engagement-figure': { option: 'shop-table' },
    'tape-rounding': { option: tapeRoundingRule.default },
    'length-method': { option: lengthMethodRule.default },
    nipples: { option: nipplesRule.default, tolerance: NIPPLE_TOLERANCES.in },
    'threading-grip': { option: 'one-inch' },
    'saw-kerf': { option: 'wheel-cutter' },
    'stock-length': { option: stockLengthRule.default },
    'how-tight': { option: 'window' },
    'trap-kinds': { option: 'model' },
    'trap-room': { option: 'two-inch' },
    'bender-radius': { option: 'usual' },
    'bender-mark': { option: 'start' },
    'bend-straight': { option: 'one-diameter' },
    'press-spacing': { option: 'two-inches' },
    'support-ends': { option: 'twelve-inches' },
    'fusion-loss': { option: 'three-quarters' },
    contraction: { option: 'summer-to-frost' },
    ...choices,
  };
}

/** The rules that stand otherwise than at their default, in the order of the page. */
export const findDepartures = (rules: HouseRules): RuleId[] => {
  const standing = resolveRules({});
  return HOUSE_RULES.map(({ id }) => id).filter((id) => !isSameJson(rules[id] as Json, standing[id] as Json));
};
