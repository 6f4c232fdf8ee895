import Joi from 'joi';
import { APPLIANCE_KINDS } from '#core/catalogue';
import { COPPER_SIZES, NOMINAL_SIZES } from '#core/ends';
import {
  engagementFigureRule,
  lengthMethodRule,
  nipplesRule,
  type RuleChoices,
  howTightRule,
  type TurnsWindow,
  PLAIN_RULES,
  stockLengthRule,
  tapeRoundingRule,
} from '#core/house-rules';
import { INCH } from '#core/units';
import { bendRadius, short } from './length.schema.ts';
import { LIMITS } from './limits.ts';
import { oneOf } from './one-of.ts';
import { text } from './text.schema.ts';

const turns = Joi.number().min(0).max(6).required();
const engagementChoice = Joi.alternatives().try(
  Joi.object({ option: oneOf([engagementFigureRule.options[0]!]) }),
  Joi.object({ option: oneOf([engagementFigureRule.options[1]!]), upTo2in: turns, above2in: turns }),
  Joi.object({
    option: oneOf([engagementFigureRule.options[2]!]),
    figures: Joi.object(
      Object.fromEntries(
        NOMINAL_SIZES.flatMap((size) => [size, `R ${size}`]).map((key) => [
          key,
          Joi.number()
            .integer()
            .min(1)
            .max(3 * INCH),
        ]),
      ),
    ).required(),
  }),
);

/** Of pipe that is laid, and of the ground. */
const fahrenheit = Joi.number().min(-60).max(160).required();

/** A school of a rule; where a shop may add one of its own, it says what and why. */
const plainChoices = Object.fromEntries(
  PLAIN_RULES.map(({ id, options, mayAdd }) => {
    const school = Joi.object({ option: oneOf(options) });
    const own = Joi.object({
      option: oneOf(['own']),
      name: text(LIMITS.name).trim().min(1),
      reason: text(LIMITS.reason).trim().min(3),
    });
    return [id, mayAdd ? Joi.alternatives().try(school, own) : school];
  }),
);

const turnsWindow = Joi.object({
  least: turns,
  most: turns,
})
  .custom((window: TurnsWindow, helpers) =>
    window.least <= window.most ? window : helpers.error('any.invalid'),
  )
  .required();

/** Which house rules were chosen, and how. */
export const ruleChoicesSchema = Joi.object({
  'engagement-figure': engagementChoice,
  'tape-rounding': Joi.object({ option: oneOf(tapeRoundingRule.options) }),
  'length-method': Joi.object({ option: oneOf(lengthMethodRule.options) }),
  nipples: Joi.object({ option: oneOf(nipplesRule.options), tolerance: short.max(INCH) }),
  'threading-grip': Joi.alternatives().try(
    Joi.object({ option: oneOf(['one-inch']) }),
    Joi.object({ option: oneOf(['own']), length: short }),
  ),
  'saw-kerf': Joi.alternatives().try(
    Joi.object({ option: oneOf(['wheel-cutter']) }),
    Joi.object({ option: oneOf(['saw']), width: short.max(INCH) }),
  ),
  'stock-length': Joi.object({ option: oneOf(stockLengthRule.options) }),
  'how-tight': Joi.alternatives().try(
    Joi.object({ option: oneOf(howTightRule.options.filter((option) => option !== 'own-window')) }),
    Joi.object({
      option: oneOf(['own-window']),
      upTo2in: turnsWindow,
      above2in: turnsWindow,
      british: turnsWindow,
    }),
  ),
  'trap-kinds': Joi.alternatives().try(
    Joi.object({ option: oneOf(['model']) }),
    Joi.object({
      option: oneOf(['own-list']),
      kinds: Joi.array()
        .items(Joi.string().valid(...APPLIANCE_KINDS))
        .unique()
        .required(),
    }),
  ),
  'trap-room': Joi.alternatives().try(
    Joi.object({ option: oneOf(['two-inch']) }),
    Joi.object({ option: oneOf(['own']), length: short }),
  ),
  'bender-radius': Joi.alternatives().try(
    Joi.object({ option: oneOf(['usual']) }),
    Joi.object({
      option: oneOf(['own']),
      radii: Joi.object(Object.fromEntries(COPPER_SIZES.map((size) => [size, bendRadius]))).required(),
    }),
  ),
  'bender-mark': Joi.alternatives().try(
    Joi.object({ option: oneOf(['start', 'centre']) }),
    Joi.object({ option: oneOf(['shoe-front']), length: short }),
  ),
  'bend-straight': Joi.alternatives().try(
    Joi.object({ option: oneOf(['one-diameter']) }),
    Joi.object({ option: oneOf(['own']), length: short }),
  ),
  'press-spacing': Joi.alternatives().try(
    Joi.object({ option: oneOf(['two-inches']) }),
    Joi.object({ option: oneOf(['own']), length: short }),
  ),
  'support-ends': Joi.alternatives().try(
    Joi.object({ option: oneOf(['twelve-inches']) }),
    Joi.object({ option: oneOf(['own']), length: short }),
  ),
  'fusion-loss': Joi.alternatives().try(
    Joi.object({ option: oneOf(['three-quarters']) }),
    Joi.object({ option: oneOf(['own']), length: short }),
  ),
  contraction: Joi.alternatives().try(
    Joi.object({ option: oneOf(['summer-to-frost']) }),
    Joi.object({ option: oneOf(['own']), laying: fahrenheit, coldest: fahrenheit }),
  ),
  ...plainChoices,
}).required();

/** A change of house rules, with what it rests on. */
export interface RulesEdit {
  readonly was: RuleChoices;
  readonly wanted: RuleChoices;
}
export const rulesEditSchema: Joi.ObjectSchema<RulesEdit> = Joi.object<RulesEdit>({
  was: ruleChoicesSchema,
  wanted: ruleChoicesSchema,
}).required();
