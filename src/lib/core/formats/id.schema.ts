import Joi from 'joi';
import { ID } from '#core/shapes';
import { isMoment } from '#core/units';

/** A client-made id. */
export const idSchema = Joi.string().pattern(ID).required();

/** An id that names places in a run: ends `station:leg` (a part in a leg is `part.port`, or `leg#k.port`), pieces `end~end`. */
export const subjectSchema = Joi.string()
  .pattern(/^[a-z][a-z0-9:~.#-]{7,199}$/)
  .required();

/** A moment that exists, as ISO 8601 in UTC. */
export const momentSchema = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z$/)
  .custom((text: string, helpers) => (isMoment(text) ? text : helpers.error('moment.none')))
  .required();

/** A revision of a run, as the database holds it: below 2³¹. */
export const revisionSchema = Joi.number()
  .integer()
  .min(0)
  .max(2 ** 31 - 1)
  .required();
