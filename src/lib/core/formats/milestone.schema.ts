import Joi from 'joi';
import type { JobMilestone } from '../runs/job.ts';
import { idSchema, momentSchema } from './id.schema.ts';
import { LIMITS } from './limits.ts';
import { line, nameLine, text } from './text.schema.ts';

/** What a device says when a job is finished or opened again: what it was written with is the server's to add. */
export type MilestoneInput = Omit<JobMilestone, 'written'>;

const said = {
  id: idSchema,
  kind: Joi.string().valid('finished', 'reopened').required(),
  by: nameLine(LIMITS.name),
  /** A job is not opened again without saying why. */
  reason: line(LIMITS.reason)
    .when('kind', { is: 'reopened', then: Joi.string().pattern(/\S.*\S.*\S/), otherwise: Joi.valid('') })
    .required(),
  at: momentSchema,
};

export const milestoneInputSchema: Joi.ObjectSchema<MilestoneInput> =
  Joi.object<MilestoneInput>(said).required();

const name = text(LIMITS.name);

/** With what something was worked out. */
export const versionsSchema = Joi.object({ app: name, catalogue: name, rulePack: name }).required();

/** A milestone as it is stored, answered and put in files. */
export const milestoneSchema: Joi.ObjectSchema<JobMilestone> = Joi.object<JobMilestone>({
  ...said,
  written: versionsSchema,
});
