import Joi from 'joi';
import type { ReadingMessage } from '#core/instruments';
import { readingSchema } from './specimen.schema.ts';

/** A message from an instrument. */
export const readingMessageSchema: Joi.ObjectSchema<ReadingMessage> = Joi.object<ReadingMessage>({
  format: Joi.string().valid('porthole-reading').required(),
  version: Joi.number().valid(1).required(),
  reading: readingSchema.required(),
}).required();

/** Readings left on the bench of this device. */
export const benchReadingsSchema = Joi.array().items(readingSchema.optional()).max(40).required();
