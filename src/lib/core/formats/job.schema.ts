import Joi from 'joi';
import { GASES, JURISDICTIONS } from '#core/house-rules';
import type { JobDetails } from '#core/jobs';
import { idSchema } from './id.schema.ts';
import { LIMITS } from '#core/shapes';
import { nameLineSchema, lineSchema } from './text.schema.ts';

const name = nameLineSchema(LIMITS.name);

const details = {
  name,
  place: lineSchema(LIMITS.place).allow(''),
  units: Joi.string().valid('in', 'mm').required(),
  gas: Joi.string()
    .valid(...GASES)
    .required(),
  jurisdiction: Joi.string()
    .valid(...JURISDICTIONS)
    .required(),
  edition: lineSchema(LIMITS.edition).allow(''),
  people: Joi.array().items(name.optional()).max(LIMITS.people).unique().required(),
};

/** What a job form says: the job and the names of those who may be at the bench. */
export interface JobInput extends JobDetails {
  readonly people: readonly string[];
}

/** A new job, its id made on the device. */
export interface NewJobInput extends JobInput {
  readonly id: string;
}

/** A new run of a job, its id made on the device. */
export interface NewRunInput {
  readonly id: string;
  readonly name: string;
  /** The specimen of the job that the run begins at. */
  readonly specimen?: string;
}

export const jobInputSchema: Joi.ObjectSchema<JobInput> = Joi.object<JobInput>(details).required();
/** A change of what is said of a job, with what it rests on. */
export interface JobEdit {
  readonly was: JobInput;
  readonly wanted: JobInput;
}
export const jobEditSchema: Joi.ObjectSchema<JobEdit> = Joi.object<JobEdit>({
  was: jobInputSchema,
  wanted: jobInputSchema,
}).required();
export const newJobSchema: Joi.ObjectSchema<NewJobInput> = Joi.object<NewJobInput>({
  id: idSchema,
  ...details,
}).required();
export const newRunSchema: Joi.ObjectSchema<NewRunInput> = Joi.object<NewRunInput>({
  id: idSchema,
  name,
  specimen: idSchema.optional(),
}).required();
