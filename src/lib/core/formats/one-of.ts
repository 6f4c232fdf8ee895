import Joi from 'joi';

/** One of these words, and nothing else. */
export const oneOf = (values: readonly string[]): Joi.StringSchema =>
  Joi.string()
    .valid(...values)
    .required();
