import Joi from 'joi';
import { HOUSE_RULES } from '#core/house-rules';
import { COLLECTIONS, RECORD_KEYS } from '#core/runs/document';
import { COMMAND_NAMES, type Change, type Op } from '#core/runs/changes';
import { idSchema, momentSchema, revisionSchema } from './id.schema.ts';
import { carryUpOps } from './carry-up.ts';
import { LIMITS } from '#core/shapes';
import { textSchema } from './text.schema.ts';

const json = Joi.alternatives()
  .try(
    Joi.object().unknown(),
    Joi.array(),
    Joi.string().allow(''),
    Joi.number(),
    Joi.boolean(),
    Joi.valid(null),
  )
  .required();
const place = {
  in: Joi.string()
    .valid(...COLLECTIONS)
    .required(),
  /** Under which a record stands, or a house rule. */
  id: Joi.alternatives()
    .try(
      ...RECORD_KEYS.map((keys) => Joi.string().pattern(keys)),
      Joi.string().valid(...HOUSE_RULES.map(({ id }) => id)),
    )
    .required(),
};
const field = Joi.string()
  .pattern(/^[a-z][A-Za-z]{0,30}$/)
  .required();
const op = (name: string) => Joi.string().valid(name).required();

const opSchema = Joi.alternatives().conditional('.op', {
  switch: [
    { is: 'insert', then: Joi.object({ op: op('insert'), ...place, value: json }) },
    { is: 'remove', then: Joi.object({ op: op('remove'), ...place, old: json }) },
    { is: 'replace', then: Joi.object({ op: op('replace'), ...place, old: json, value: json }) },
    { is: 'set', then: Joi.object({ op: op('set'), ...place, field, old: json, value: json }) },
  ],
  otherwise: Joi.forbidden(),
});

/** A change as it goes over the wire and into the outbox. What its values must be, the document's schema says. */
export const changeSchema: Joi.ObjectSchema<Change> = Joi.object<Change>({
  id: idSchema,
  base: revisionSchema,
  by: textSchema(LIMITS.name),
  at: momentSchema,
  label: Joi.object({
    command: Joi.string()
      .valid(...COMMAND_NAMES)
      .required(),
    leg: Joi.number().integer().min(1).max(LIMITS.tag).allow(null).required(),
    turn: Joi.string().valid('undo', 'redo').allow(null).required(),
  }).required(),
  // Whatever version it was made with: what reads it finds operations of the present one.
  ops: Joi.array()
    .items(opSchema)
    .min(1)
    .max(LIMITS.opsPerChange)
    .custom((ops: readonly Op[]) => carryUpOps(ops))
    .required(),
}).required();

/** What an address asks for that gives a page of changes: those before a revision, or the newest. */
export const historyQuerySchema: Joi.ObjectSchema<{ readonly before?: string }> = Joi.object({
  before: Joi.string().pattern(/^[1-9]\d{0,8}$/),
});
