import Joi from 'joi';
import { NOMINAL_SIZES } from '#core/ends';
import { HOOK_UP_ITEMS, type RunEvent } from '#core/runs/changes';
import { LONGEST_MEASURE } from '#core/units';
import { idSchema, momentSchema, revisionSchema, subjectSchema } from './id.schema.ts';
import { LIMITS } from '#core/shapes';
import { textSchema } from './text.schema.ts';

const length = Joi.number().integer().min(1).max(LONGEST_MEASURE);
const isCorrection = { is: 'correction' };
/** A tick says no length: it was made as asked. */
const mayBeSilent = { is: Joi.valid('correction', 'ticked') };

const recorded = {
  id: idSchema,
  runRevision: revisionSchema,
  instrument: textSchema(LIMITS.name),
  simulated: Joi.boolean().required(),
  by: textSchema(LIMITS.name),
  atDevice: momentSchema,
  atServer: momentSchema.allow(null),
};
const versions = { catalogueVersion: textSchema(LIMITS.name), rulePackVersion: textSchema(LIMITS.name) };

const pieceEventSchema = Joi.object({
  ...recorded,
  kind: Joi.string().valid('as-cut', 'ticked', 'correction').required(),
  subject: subjectSchema,
  asked: Joi.object({
    mark: textSchema(LIMITS.name),
    size: Joi.string()
      .valid(...NOMINAL_SIZES)
      .required(),
    exact: length.required(),
    onTape: length.required(),
    ...versions,
  }).required(),
  said: Joi.object({
    length: length.when('...kind', { ...mayBeSilent, then: Joi.allow(null) }).required(),
    typed: textSchema(LIMITS.typed).allow(''),
  }).required(),
  corrects: idSchema
    .allow(null)
    .when('kind', { ...isCorrection, then: Joi.invalid(null), otherwise: Joi.valid(null) }),
});

const hookUpSchema = Joi.object({
  ...recorded,
  kind: Joi.string().valid('hook-up').required(),
  subject: idSchema,
  asked: Joi.object({ name: textSchema(LIMITS.name), ...versions }).required(),
  said: Joi.object({
    item: Joi.string()
      .valid(...HOOK_UP_ITEMS)
      .required(),
    is: Joi.boolean().required(),
  }).required(),
  corrects: Joi.valid(null).required(),
});

const makeSchema = <Event>(more: Joi.SchemaMap): Joi.AlternativesSchema<Event> =>
  Joi.alternatives<Event>()
    .conditional('.kind', {
      is: 'hook-up',
      then: hookUpSchema.append(more),
      otherwise: pieceEventSchema.append(more),
    })
    .required() as Joi.AlternativesSchema<Event>;

/** An event as the bench records it, by its kind. Only a correction may withdraw, and it names what it corrects. */
export const eventSchema = makeSchema<RunEvent>({});
/** An event as a file tells of it: with the moment it arrived at the server. */
export const arrivedEventSchema = makeSchema<RunEvent & { readonly atServer: string }>({
  atServer: momentSchema,
});
