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
import { LIMITS } from './limits.ts';
import { line, nameLine, text } from './text.schema.ts';
import { oneOf } from './one-of.ts';

/** Any length a thread is read by, nm. */
const length = Joi.number().integer().min(1).max(METRE).required();
const threadId = text(120);
const genders = ['male', 'female'] as const;

const observationSchema: Joi.AlternativesSchema<Observation> = Joi.alternatives<Observation>().try(
  Joi.object({ kind: oneOf(['gender']), value: oneOf(genders) }),
  Joi.object({
    kind: oneOf(['diameter']),
    side: oneOf(['outside', 'inside']),
    length,
    instrument: oneOf(MEASURING_INSTRUMENTS),
    place: oneOf(THREAD_PLACES),
  }),
  Joi.object({
    kind: oneOf(['count']),
    threads: Joi.number().min(1).max(100).required(),
    over: length.min(MILLIMETRE),
    instrument: oneOf(MEASURING_INSTRUMENTS),
  }),
  Joi.object({
    kind: oneOf(['leaf']),
    perInch: Joi.number().min(2).max(80).required(),
    fit: oneOf(LEAF_FITS),
  }),
  Joi.object({ kind: oneOf(['taper']), value: oneOf(['taper', 'parallel']) }),
  Joi.object({ kind: oneOf(['flank']), value: oneOf(FLANKS) }),
  Joi.object({ kind: oneOf(['crest']), value: oneOf(CREST_FORMS) }),
  Joi.object({ kind: oneOf(['seat']), value: oneOf(SEATS), by: oneOf(['eye', 'gauge']) }),
  Joi.object({ kind: oneOf(['swivel']), value: Joi.boolean().required() }),
  Joi.object({ kind: oneOf(['hand']), value: oneOf(['right', 'left']) }),
  Joi.object({ kind: oneOf(['collar']), acrossFlats: length }),
  Joi.object({ kind: oneOf(['material']), value: oneOf(THREAD_MATERIALS) }),
  Joi.object({ kind: oneOf(['colour']), value: oneOf(COLOURS) }),
  Joi.object({ kind: oneOf(['marking']), text: line(LIMITS.typed) }),
  Joi.object({ kind: oneOf(['country']), value: oneOf(COUNTRIES) }),
);

/** One reading: also what an instrument sends (docs/reading-message.md). */
export const readingSchema: Joi.ObjectSchema<Reading> = Joi.object<Reading>({
  id: idSchema,
  observation: observationSchema.required(),
  instrument: line(LIMITS.name).allow(null),
  simulated: Joi.boolean().required(),
});

const inputFields = {
  id: idSchema,
  name: nameLine(LIMITS.name),
  note: line(LIMITS.place).allow(''),
  readings: Joi.array().items(readingSchema.optional()).max(LIMITS.readings).unique('id').required(),
  by: nameLine(LIMITS.name),
  at: momentSchema,
};

/** What is sent when a specimen is kept. The verdict is made from the readings, never taken on trust. */
export const specimenInputSchema: Joi.ObjectSchema<SpecimenInput> =
  Joi.object<SpecimenInput>(inputFields).required();

export const specimenEndSchema: Joi.ObjectSchema<SpecimenEnd> = Joi.object<SpecimenEnd>({
  thread: threadId,
  family: oneOf(THREAD_FAMILIES),
  size: text(LIMITS.name),
  gender: oneOf(genders),
  certainty: oneOf(['certain', 'likely', 'tie']),
  orElse: Joi.array().items(threadId.optional()).max(12).required(),
}).required();

const verdictSchema = Joi.object<KeptVerdict>({
  kind: oneOf(['empty', 'open', 'certain', 'likely', 'tie', 'none']),
  threads: Joi.array().items(threadId.optional()).max(12).required(),
  catalogueVersion: text(LIMITS.name),
}).required();

/** A specimen as it is stored and answered. */
export const specimenSchema: Joi.ObjectSchema<Specimen> = Joi.object<Specimen>({
  ...inputFields,
  verdict: verdictSchema,
  end: specimenEndSchema.allow(null),
  simulated: Joi.boolean().required(),
}).required();
