import Joi from 'joi';
import { changeSchema } from './change.schema.ts';
import { arrivedEventSchema } from './event.schema.ts';
import { idSchema, momentSchema, revisionSchema as revision } from './id.schema.ts';
import { JOB_FILE_VERSION, type JobFile, type JobsFile } from './job-file.ts';
import { newJobSchema } from './job.schema.ts';
import { LIMITS } from '#core/shapes';
import { textSchema } from './text.schema.ts';
import { milestoneSchema, versionsSchema } from './milestone.schema.ts';
import { ruleChoicesSchema } from './rule-choices.schema.ts';
import { specimenSchema } from './specimen.schema.ts';

const version = Joi.number().valid(JOB_FILE_VERSION).required();
const name = textSchema(LIMITS.name);

const runSchema = Joi.object({
  id: idSchema,
  name,
  revision,
  createdAt: momentSchema,
  changedAt: momentSchema,
  /** Of any version: `readRunDoc` carries it up and says what is wrong with it. */
  doc: Joi.object().required(),
  changes: Joi.array()
    .items(changeSchema.append({ revision, atServer: momentSchema }).optional())
    .required(),
  events: Joi.array().items(arrivedEventSchema.optional()).required(),
}).required();

/** A job file but for its run documents, which are read by `readRunDoc`. */
export const jobFileSchema: Joi.ObjectSchema<JobFile> = Joi.object<JobFile>({
  porthole: Joi.string().valid('job').required(),
  version,
  written: versionsSchema,
  job: newJobSchema.append({ createdAt: momentSchema, ruleChoices: ruleChoicesSchema }),
  runs: Joi.array().items(runSchema.optional()).required(),
  specimens: Joi.array()
    .items(Joi.object({ specimen: specimenSchema, atServer: momentSchema }).optional())
    .required(),
  milestones: Joi.array()
    .items(Joi.object({ milestone: milestoneSchema.required(), atServer: momentSchema }).optional())
    .required(),
}).required();

/** Several jobs in one file, of this version or an older one; each is carried up and read by `jobFileSchema`. */
export const jobsFileSchema: Joi.ObjectSchema<JobsFile> = Joi.object<JobsFile>({
  porthole: Joi.string().valid('jobs').required(),
  version: Joi.number().integer().min(1).max(JOB_FILE_VERSION).required(),
  jobs: Joi.array().items(Joi.object().optional()).max(LIMITS.jobsInFile).required(),
}).required();
