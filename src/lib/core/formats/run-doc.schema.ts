import Joi from 'joi';
import { getRecordKind, RECORD_NAMES, RUN_SCHEMA, type RecordName, type RunDoc } from '#core/runs/document';
import { LIMITS } from '#core/shapes';
import { idSchema } from './id.schema.ts';
import { ruleChoicesSchema } from './rule-choices.schema.ts';
import { textSchema } from './text.schema.ts';
import { toJoi } from './to-joi.ts';

const idsMatchKeys: Joi.CustomValidator<RunDoc> = (doc, helpers) => {
  for (const name of RECORD_NAMES)
    for (const [key, { id }] of Object.entries(doc[name]))
      if (key !== id) return helpers.error('any.invalid');
  return doc;
};

/** What an entry of a collection must be. */
export const getEntrySchema = (name: RecordName): Joi.Schema => toJoi(getRecordKind(name).shape);

function makeCollection(name: RecordName): Joi.Schema {
  const { keys, most, findOverfull } = getRecordKind(name);
  const entries = Joi.object().pattern(keys, getEntrySchema(name)).max(most).required();
  if (!findOverfull) return entries;
  return entries.custom((all: Readonly<Record<string, unknown>>, helpers) => {
    const limit = findOverfull(all);
    return limit === null ? all : helpers.error('object.max', { limit });
  });
}

/** The run document as it is stored and sent, in its present version. */
export const runDocSchema: Joi.ObjectSchema<RunDoc> = Joi.object<RunDoc>({
  schema: Joi.number().valid(RUN_SCHEMA).required(),
  id: idSchema,
  catalogueVersion: textSchema(LIMITS.name),
  ruleChoices: ruleChoicesSchema,
  ...Object.fromEntries(RECORD_NAMES.map((name) => [name, makeCollection(name)])),
})
  .required()
  .custom(idsMatchKeys);
