import Joi from 'joi';
import { NOMINAL_SIZES } from '../ends/size.ts';
import type { RunEvent } from '../runs/event.ts';
import { LONGEST_MEASURE } from '../units/check-measure.ts';
import { idSchema, momentSchema, revisionSchema, subjectSchema } from './id.schema.ts';
import { LIMITS } from './limits.ts';
import { text } from './text.schema.ts';

const length = Joi.number().integer().min(1).max(LONGEST_MEASURE);
const isCorrection = { is: 'correction' };
/** A tick says no length: it was made as asked. */
const mayBeSilent = { is: Joi.valid('correction', 'ticked') };

/** An event as the bench records it. Only a correction may withdraw, and it names what it corrects. */
export const eventSchema: Joi.ObjectSchema<RunEvent> = Joi.object<RunEvent>({
  id: idSchema,
  kind: Joi.string().valid('as-cut', 'ticked', 'correction').required(),
  subject: subjectSchema,
  runRevision: revisionSchema,
  asked: Joi.object({
    mark: text(LIMITS.name),
    size: Joi.string()
      .valid(...NOMINAL_SIZES)
      .required(),
    exact: length.required(),
    onTape: length.required(),
    catalogueVersion: text(LIMITS.name),
    rulePackVersion: text(LIMITS.name),
  }).required(),
  said: Joi.object({
    length: length.when('/kind', { ...mayBeSilent, then: Joi.allow(null) }).required(),
    typed: text(LIMITS.typed).allow(''),
  }).required(),
  instrument: text(LIMITS.name),
  simulated: Joi.boolean().required(),
  by: text(LIMITS.name),
  atDevice: momentSchema,
  atServer: momentSchema.allow(null),
  corrects: idSchema
    .allow(null)
    .when('kind', { ...isCorrection, then: Joi.invalid(null), otherwise: Joi.valid(null) }),
}).required();
