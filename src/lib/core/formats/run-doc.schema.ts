import Joi from 'joi';
import { MATERIALS } from '../catalogue/pipe.ts';
import { NOMINAL_SIZES } from '../catalogue/size.ts';
import { AXES } from '../geometry/axis.ts';
import { engagementFigureRule } from '../house-rules/engagement-figure.ts';
import { lengthMethodRule } from '../house-rules/length-method.ts';
import { tapeRoundingRule } from '../house-rules/tape-rounding.ts';
import { RUN_SCHEMA, type RunDoc } from '../runs/run.ts';
import { INCH } from '../units/length.ts';
import { LONGEST_MEASURE } from '../units/check-measure.ts';
import { idSchema } from './id.schema.ts';
import { LIMITS } from './limits.ts';
import { specimenEndSchema } from './specimen.schema.ts';

const oneOf = (values: readonly string[]) =>
  Joi.string()
    .valid(...values)
    .required();
const empty = Joi.object({}).required();
const map = (entity: Joi.Schema) =>
  Joi.object()
    .pattern(/^[a-z][a-z0-9]{7,39}$/, entity)
    .max(LIMITS.legs * 2)
    .required();
/** Every entity says its own id, and it is the key it stands under. */
const entity = (fields: Joi.SchemaMap) => Joi.object({ id: idSchema, ...fields }).required();

const turns = Joi.number().min(0).max(6).required();
const engagementChoice = Joi.alternatives().try(
  Joi.object({ option: oneOf([engagementFigureRule.options[0]!]) }),
  Joi.object({ option: oneOf([engagementFigureRule.options[1]!]), upTo2in: turns, above2in: turns }),
  Joi.object({
    option: oneOf([engagementFigureRule.options[2]!]),
    figures: Joi.object(
      Object.fromEntries(
        NOMINAL_SIZES.map((size) => [
          size,
          Joi.number()
            .integer()
            .min(1)
            .max(3 * INCH),
        ]),
      ),
    ).required(),
  }),
);

/** Which house rules were chosen, and how. */
export const ruleChoicesSchema = Joi.object({
  'engagement-figure': engagementChoice,
  'tape-rounding': Joi.object({ option: oneOf(tapeRoundingRule.options) }),
  'length-method': Joi.object({ option: oneOf(lengthMethodRule.options) }),
}).required();

const nodeSchema = entity({
  part: Joi.object({ kind: oneOf(['auto']) }).required(),
  terminal: Joi.alternatives()
    .try(
      Joi.object({ kind: oneOf(['open', 'cap']) }),
      Joi.object({ kind: oneOf(['existing']), specimen: idSchema, end: specimenEndSchema }),
    )
    .allow(null)
    .required(),
});

const legSchema = entity({
  from: idSchema,
  to: idSchema.invalid(Joi.ref('from')),
  geometry: Joi.object({ kind: oneOf(['axis']), axis: oneOf(AXES) }).required(),
  size: oneOf(NOMINAL_SIZES),
  material: oneOf(MATERIALS),
  specs: empty,
  inline: empty,
  rank: Joi.string()
    .pattern(/^[0-9A-Za-z]{1,60}$/)
    .required(),
  tag: Joi.number().integer().min(1).max(1_000_000).required(),
});

const refSchema = Joi.object({ kind: oneOf(['node']), node: idSchema, at: oneOf(['centre']) }).required();
const measureSchema = entity({
  from: refSchema,
  to: refSchema,
  value: Joi.number().integer().min(1).max(LONGEST_MEASURE).required(),
  typed: Joi.string().max(LIMITS.typed).required(),
  instrument: Joi.string().max(LIMITS.name).allow(null).required(),
});

const anchorSchema = entity({ node: idSchema, role: oneOf(['source']) });

const idsMatchKeys: Joi.CustomValidator<RunDoc> = (doc, helpers) => {
  for (const collection of [doc.nodes, doc.legs, doc.measures, doc.anchors]) {
    for (const [key, { id }] of Object.entries(collection)) {
      if (key !== id) return helpers.error('any.invalid');
    }
  }
  return doc;
};

/** The run document as it is stored and sent, in its present version. */
export const runDocSchema: Joi.ObjectSchema<RunDoc> = Joi.object<RunDoc>({
  schema: Joi.number().valid(RUN_SCHEMA).required(),
  id: idSchema,
  catalogueVersion: Joi.string().max(LIMITS.name).required(),
  ownParts: empty,
  ruleChoices: ruleChoicesSchema,
  nodes: map(nodeSchema),
  legs: map(legSchema).max(LIMITS.legs),
  measures: map(measureSchema),
  picks: empty,
  anchors: map(anchorSchema),
  obstacles: empty,
  zones: empty,
})
  .required()
  .custom(idsMatchKeys);
