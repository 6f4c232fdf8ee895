import Joi from 'joi';

/** Text that can be kept everywhere: no NUL, and no half of a character (a lone surrogate). May be empty only where it says so. */
export const textSchema = (longest: number) =>
  Joi.string()
    .max(longest)
    .pattern(/^[^\0\p{Cs}]*$/u)
    .required();

/** Text on one line: no control characters either. */
export const lineSchema = (longest: number) =>
  Joi.string()
    .max(longest)
    .pattern(/^[^\p{Cc}\p{Cs}]*$/u)
    .required();

/** A name: a line with something on it. */
export const nameLineSchema = (longest: number) => lineSchema(longest).pattern(/\S/);
