export { getLeastStraight } from './bend-straight.ts';
export { getBender } from './bender-mark.ts';
export { findBenderRadius } from './bender-radius.ts';
export { getContraction, getTemperatures } from './contraction.ts';
export {
  type EngagementChoice,
  type EngagementOption,
  type FigureKey,
  engagementFigureRule,
  getFigureKey,
  readFigureKey,
} from './engagement-figure.ts';
export { FUSION_LOSS, getFusionLoss } from './fusion-loss.ts';
export { RULE_TOPICS, type RuleTopic } from './house-rule.ts';
export {
  HOUSE_RULES,
  type HouseRules,
  type PlainRule,
  type PlainRuleId,
  RULE_PACK_VERSION,
  type RuleChoices,
  type RuleId,
  findDepartures,
  resolveRules,
} from './house-rules.ts';
export {
  type HowTightChoice,
  type HowTightOption,
  type TurnsWindow,
  type TurnsWindows,
  USUAL_WINDOWS,
  getHouseWindow,
  getUsualWindow,
  howTightRule,
} from './how-tight.ts';
export { GASES, type Gas, JURISDICTIONS, type Jurisdiction } from './jurisdictions.ts';
export { type LengthMethodOption, lengthMethodRule } from './length-method.ts';
export { makeChoice } from './make-choice.ts';
export { NIPPLE_TOLERANCES, type NipplesOption, nipplesRule } from './nipples.ts';
export { PLAIN_RULES } from './plain-rules.ts';
export { getPressSpacing } from './press-spacing.ts';
export { METRIC_CHOICES, RULE_PACKS, getOpeningChoices } from './rule-packs.ts';
export { type KerfOption, getKerf } from './saw-kerf.ts';
export { getShutOffReach } from './shut-off-reach.ts';
export { STOCK_LENGTHS, type StockOption, stockLengthRule } from './stock-length.ts';
export { getPlateDistance } from './strike-plates.ts';
export { getSupportEnd } from './support-ends.ts';
export { tapeRoundingRule } from './tape-rounding.ts';
export { getWraps, tapeWrapsRule } from './tape-wraps.ts';
export { type GripOption, getGrip } from './threading-grip.ts';
export { type TrapKindsOption, getTrapKinds } from './trap-kinds.ts';
export { type TrapRoomOption, getWrenchRoom } from './trap-room.ts';
export { getSlack } from './tube-slack.ts';
export { getTrim } from './tube-trim.ts';
