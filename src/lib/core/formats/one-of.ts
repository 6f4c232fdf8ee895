import Joi from 'joi';

/** One of these words, and nothing else. */
export const oneOfSchema = (values: readonly string[]): Joi.StringSchema =>
  Joi.string()
    .valid(...values)
    .required();
