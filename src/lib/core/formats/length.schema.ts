import Joi from 'joi';
import { INCH, LONGEST_MEASURE } from '#core/units';

/** A measure of a run, nm: from one to the longest there may be. */
export const length = Joi.number().integer().min(1).max(LONGEST_MEASURE).required();

/** A length of a part or a setting, nm: nothing to two feet. */
export const short = Joi.number()
  .integer()
  .min(0)
  .max(24 * INCH)
  .required();

/** To the centre line of a tube, nm: from an eighth of an inch to what a large coil lies in. */
export const bendRadius = Joi.number()
  .integer()
  .min(INCH / 8)
  .max(120 * INCH);
