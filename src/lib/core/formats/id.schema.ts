import Joi from 'joi';

/** A client-made id: a letter, then letters and digits. Never a word that means something to an object. */
export const idSchema = Joi.string()
  .pattern(/^[a-z][a-z0-9]{7,39}$/)
  .required();

/** An id that names places in a run: ends `station:leg` (a part in a leg is `part.port`, or `leg#k.port`), pieces `end~end`. */
export const subjectSchema = Joi.string()
  .pattern(/^[a-z][a-z0-9:~.#-]{7,199}$/)
  .required();

/** A moment, as ISO 8601 in UTC. */
export const momentSchema = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z$/)
  .required();
