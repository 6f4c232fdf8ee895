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
import { toJoi } from './to-joi.ts';
import { bendRadius, short, LIMITS } from '#core/shapes';
import { oneOfSchema } from './one-of.ts';
import { textSchema } from './text.schema.ts';

const shortSchema = toJoi(short) as Joi.NumberSchema;
/** Of the sizes that are bent: a shop need not say all of them. */
const bendRadiusSchema = toJoi(bendRadius).optional();

const turns = Joi.number().min(0).max(6).required();
const engagementChoice = Joi.alternatives().try(
  Joi.object({ option: oneOfSchema([engagementFigureRule.options[0]!]) }),
  Joi.object({ option: oneOfSchema([engagementFigureRule.options[1]!]), upTo2in: turns, above2in: turns }),
  Joi.object({
    option: oneOfSchema([engagementFigureRule.options[2]!]),
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
    const school = Joi.object({ option: oneOfSchema(options) });
    const own = Joi.object({
      option: oneOfSchema(['own']),
      name: textSchema(LIMITS.name).trim().min(1),
      reason: textSchema(LIMITS.reason).trim().min(3),
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
  'tape-rounding': Joi.object({ option: oneOfSchema(tapeRoundingRule.options) }),
  'length-method': Joi.object({ option: oneOfSchema(lengthMethodRule.options) }),
  nipples: Joi.object({ option: oneOfSchema(nipplesRule.options), tolerance: shortSchema.max(INCH) }),
  'threading-grip': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['one-inch']) }),
    Joi.object({ option: oneOfSchema(['own']), length: shortSchema }),
  ),
  'saw-kerf': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['wheel-cutter']) }),
    Joi.object({ option: oneOfSchema(['saw']), width: shortSchema.max(INCH) }),
  ),
  'stock-length': Joi.object({ option: oneOfSchema(stockLengthRule.options) }),
  'how-tight': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(howTightRule.options.filter((option) => option !== 'own-window')) }),
    Joi.object({
      option: oneOfSchema(['own-window']),
      upTo2in: turnsWindow,
      above2in: turnsWindow,
      british: turnsWindow,
    }),
  ),
  'trap-kinds': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['model']) }),
    Joi.object({
      option: oneOfSchema(['own-list']),
      kinds: Joi.array()
        .items(Joi.string().valid(...APPLIANCE_KINDS))
        .unique()
        .required(),
    }),
  ),
  'trap-room': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['two-inch']) }),
    Joi.object({ option: oneOfSchema(['own']), length: shortSchema }),
  ),
  'bender-radius': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['usual']) }),
    Joi.object({
      option: oneOfSchema(['own']),
      radii: Joi.object(Object.fromEntries(COPPER_SIZES.map((size) => [size, bendRadiusSchema]))).required(),
    }),
  ),
  'bender-mark': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['start', 'centre']) }),
    Joi.object({ option: oneOfSchema(['shoe-front']), length: shortSchema }),
  ),
  'bend-straight': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['one-diameter']) }),
    Joi.object({ option: oneOfSchema(['own']), length: shortSchema }),
  ),
  'press-spacing': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['two-inches']) }),
    Joi.object({ option: oneOfSchema(['own']), length: shortSchema }),
  ),
  'support-ends': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['twelve-inches']) }),
    Joi.object({ option: oneOfSchema(['own']), length: shortSchema }),
  ),
  'fusion-loss': Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['three-quarters']) }),
    Joi.object({ option: oneOfSchema(['own']), length: shortSchema }),
  ),
  contraction: Joi.alternatives().try(
    Joi.object({ option: oneOfSchema(['summer-to-frost']) }),
    Joi.object({ option: oneOfSchema(['own']), laying: fahrenheit, coldest: fahrenheit }),
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
