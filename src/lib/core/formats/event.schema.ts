import Joi from 'joi';
import { NOMINAL_SIZES } from '../catalogue/size.ts';
import type { RunEvent } from '../runs/event.ts';
import { LONGEST_MEASURE } from '../units/check-measure.ts';
import { idSchema, momentSchema, subjectSchema } from './id.schema.ts';
import { LIMITS } from './limits.ts';

const length = Joi.number().integer().min(1).max(LONGEST_MEASURE);
const isCorrection = { is: 'correction' };
/** A tick says no length: it was made as asked. */
const mayBeSilent = { is: Joi.valid('correction', 'ticked') };

/** An event as the bench records it. Only a correction may withdraw, and it names what it corrects. */
export const eventSchema: Joi.ObjectSchema<RunEvent> = Joi.object<RunEvent>({
  id: idSchema,
  kind: Joi.string().valid('as-cut', 'ticked', 'correction').required(),
  subject: subjectSchema,
  runRevision: Joi.number().integer().min(0).required(),
  asked: Joi.object({
    mark: Joi.string().max(LIMITS.name).required(),
    size: Joi.string()
      .valid(...NOMINAL_SIZES)
      .required(),
    exact: length.required(),
    onTape: length.required(),
    catalogueVersion: Joi.string().max(LIMITS.name).required(),
    rulePackVersion: Joi.string().max(LIMITS.name).required(),
  }).required(),
  said: Joi.object({
    length: length.when('/kind', { ...mayBeSilent, then: Joi.allow(null) }).required(),
    typed: Joi.string().max(LIMITS.typed).allow('').required(),
  }).required(),
  instrument: Joi.string().max(LIMITS.name).required(),
  simulated: Joi.boolean().required(),
  by: Joi.string().max(LIMITS.name).required(),
  atDevice: momentSchema,
  atServer: momentSchema.allow(null),
  corrects: idSchema
    .allow(null)
    .when('kind', { ...isCorrection, then: Joi.invalid(null), otherwise: Joi.valid(null) }),
}).required();
