import Joi from 'joi';
import { isDone, PROOFS, type ClosedAs, type JobMilestone, type Undone } from '#core/jobs';
import { oneOfSchema } from './one-of.ts';
import { LIMITS } from '#core/shapes';
import { nameLineSchema, textSchema, lineSchema } from './text.schema.ts';
import { idSchema, momentSchema } from './id.schema.ts';

/** What a device says when a job is finished or opened again: what it was written with is the server's to add. */
export type MilestoneInput = Omit<JobMilestone, 'written'>;

const count = Joi.number().integer().min(0).required();
const undone = Joi.object<Undone>({
  run: idSchema,
  name: textSchema(LIMITS.name),
  stops: count,
  asks: count,
  unmeasured: count,
  uncut: count,
});
const closed = Joi.object<ClosedAs>({
  proof: oneOfSchema(PROOFS),
  safe: lineSchema(LIMITS.reason).allow(''),
  undone: Joi.array().items(undone).max(2_000).required(),
}).custom((value: ClosedAs, helpers) =>
  isDone(value) || /\S.*\S.*\S/.test(value.safe) ? value : helpers.error('any.required'),
);

const said = {
  id: idSchema,
  kind: Joi.string().valid('finished', 'reopened').required(),
  by: nameLineSchema(LIMITS.name),
  /** A job is not opened again without saying why. */
  reason: lineSchema(LIMITS.reason)
    .when('kind', { is: 'reopened', then: Joi.string().pattern(/\S.*\S.*\S/), otherwise: Joi.valid('') })
    .required(),
  at: momentSchema,
  /** Only a job that is finished is closed. Absent in files of before it was kept. */
  closed: closed
    .allow(null)
    .when('kind', { is: 'reopened', then: Joi.valid(null) })
    .default(null),
};

export const milestoneInputSchema: Joi.ObjectSchema<MilestoneInput> =
  Joi.object<MilestoneInput>(said).required();

const name = textSchema(LIMITS.name);

/** With what something was worked out. */
export const versionsSchema = Joi.object({ app: name, catalogue: name, rulePack: name }).required();

/** A milestone as it is stored, answered and put in files. */
export const milestoneSchema: Joi.ObjectSchema<JobMilestone> = Joi.object<JobMilestone>({
  ...said,
  written: versionsSchema,
});
