import Joi from 'joi';
import { INCH } from '#core/units';

/** A length of a part or a setting, nm: nothing to two feet. */
export const shortSchema = Joi.number()
  .integer()
  .min(0)
  .max(24 * INCH)
  .required();

/** To the centre line of a tube, nm: from an eighth of an inch to what a large coil lies in. */
export const bendRadiusSchema = Joi.number()
  .integer()
  .min(INCH / 8)
  .max(120 * INCH);
