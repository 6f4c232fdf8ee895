import Joi from 'joi';
import type { FilePart } from './cut-into-parts.ts';
import { idSchema, momentSchema } from './id.schema.ts';

const count = Joi.number().integer().min(1).required();

/** A part as the server lists it. */
export const filePartSchema: Joi.ObjectSchema<FilePart> = Joi.object<FilePart>({
  year: Joi.number().integer().required(),
  number: count,
  jobs: count,
  bytes: count,
  first: idSchema,
  last: idSchema,
  from: momentSchema,
  to: momentSchema,
});

/** What an address asks for that gives a part as a file. */
export interface FilePartQuery {
  readonly first: string;
  readonly last: string;
  /** As `namePart` names it: the file is named by it. */
  readonly part: string;
}
export const filePartQuerySchema: Joi.ObjectSchema<FilePartQuery> = Joi.object<FilePartQuery>({
  first: idSchema,
  last: idSchema,
  part: Joi.string()
    .pattern(/^\d{1,6}-\d{1,6}$/)
    .required(),
});
