import Joi from 'joi';
import { THREAD_PLACES } from '#core/catalogue';
import { THREAD_FAMILIES, SEATS } from '#core/ends';
import {
  COLOURS,
  COUNTRIES,
  CREST_FORMS,
  FLANKS,
  LEAF_FITS,
  MEASURING_INSTRUMENTS,
  THREAD_MATERIALS,
  type Observation,
  type Reading,
  type KeptVerdict,
  type Specimen,
  type SpecimenEnd,
  type SpecimenInput,
} from '#core/identify';
import { METRE, MILLIMETRE } from '#core/units';
import { idSchema, momentSchema } from './id.schema.ts';
import { LIMITS } from '#core/shapes';
import { nameLineSchema, textSchema, lineSchema } from './text.schema.ts';
import { oneOfSchema } from './one-of.ts';

/** Any length a thread is read by, nm. */
const length = Joi.number().integer().min(1).max(METRE).required();
const threadId = textSchema(120);
const genders = ['male', 'female'] as const;

const observationSchema: Joi.AlternativesSchema<Observation> = Joi.alternatives<Observation>().try(
  Joi.object({ kind: oneOfSchema(['gender']), value: oneOfSchema(genders) }),
  Joi.object({
    kind: oneOfSchema(['diameter']),
    side: oneOfSchema(['outside', 'inside']),
    length,
    instrument: oneOfSchema(MEASURING_INSTRUMENTS),
    place: oneOfSchema(THREAD_PLACES),
  }),
  Joi.object({
    kind: oneOfSchema(['count']),
    threads: Joi.number().min(1).max(100).required(),
    over: length.min(MILLIMETRE),
    instrument: oneOfSchema(MEASURING_INSTRUMENTS),
  }),
  Joi.object({
    kind: oneOfSchema(['leaf']),
    perInch: Joi.number().min(2).max(80).required(),
    fit: oneOfSchema(LEAF_FITS),
  }),
  Joi.object({ kind: oneOfSchema(['taper']), value: oneOfSchema(['taper', 'parallel']) }),
  Joi.object({ kind: oneOfSchema(['flank']), value: oneOfSchema(FLANKS) }),
  Joi.object({ kind: oneOfSchema(['crest']), value: oneOfSchema(CREST_FORMS) }),
  Joi.object({ kind: oneOfSchema(['seat']), value: oneOfSchema(SEATS), by: oneOfSchema(['eye', 'gauge']) }),
  Joi.object({ kind: oneOfSchema(['swivel']), value: Joi.boolean().required() }),
  Joi.object({ kind: oneOfSchema(['hand']), value: oneOfSchema(['right', 'left']) }),
  Joi.object({ kind: oneOfSchema(['collar']), acrossFlats: length }),
  Joi.object({ kind: oneOfSchema(['material']), value: oneOfSchema(THREAD_MATERIALS) }),
  Joi.object({ kind: oneOfSchema(['colour']), value: oneOfSchema(COLOURS) }),
  Joi.object({ kind: oneOfSchema(['marking']), text: lineSchema(LIMITS.typed) }),
  Joi.object({ kind: oneOfSchema(['country']), value: oneOfSchema(COUNTRIES) }),
);

/** One reading: also what an instrument sends (docs/reading-message.md). */
export const readingSchema: Joi.ObjectSchema<Reading> = Joi.object<Reading>({
  id: idSchema,
  observation: observationSchema.required(),
  instrument: lineSchema(LIMITS.name).allow(null),
  simulated: Joi.boolean().required(),
});

const inputFields = {
  id: idSchema,
  name: nameLineSchema(LIMITS.name),
  note: lineSchema(LIMITS.place).allow(''),
  readings: Joi.array().items(readingSchema.optional()).max(LIMITS.readings).unique('id').required(),
  by: nameLineSchema(LIMITS.name),
  at: momentSchema,
};

/** What is sent when a specimen is kept. The verdict is made from the readings, never taken on trust. */
export const specimenInputSchema: Joi.ObjectSchema<SpecimenInput> =
  Joi.object<SpecimenInput>(inputFields).required();

export const specimenEndSchema: Joi.ObjectSchema<SpecimenEnd> = Joi.object<SpecimenEnd>({
  thread: threadId,
  family: oneOfSchema(THREAD_FAMILIES),
  size: textSchema(LIMITS.name),
  gender: oneOfSchema(genders),
  certainty: oneOfSchema(['certain', 'likely', 'tie']),
  orElse: Joi.array().items(threadId.optional()).max(12).required(),
}).required();

const verdictSchema = Joi.object<KeptVerdict>({
  kind: oneOfSchema(['empty', 'open', 'certain', 'likely', 'tie', 'none']),
  threads: Joi.array().items(threadId.optional()).max(12).required(),
  catalogueVersion: textSchema(LIMITS.name),
}).required();

/** A specimen as it is stored and answered. */
export const specimenSchema: Joi.ObjectSchema<Specimen> = Joi.object<Specimen>({
  ...inputFields,
  verdict: verdictSchema,
  end: specimenEndSchema.allow(null),
  simulated: Joi.boolean().required(),
}).required();
