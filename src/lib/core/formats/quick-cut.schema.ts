import Joi from 'joi';
import { THREADED_MATERIALS } from '#core/catalogue';
import { NOMINAL_SIZES } from '#core/ends';
import { QUICK_KINDS, QUICK_POINTS, type KeptQuickCut, type QuickBench } from '#core/cutting';
import { LONGEST_MEASURE } from '#core/units';
import { idSchema, momentSchema } from './id.schema.ts';
import { LIMITS } from './limits.ts';
import { line } from './text.schema.ts';
import { oneOf } from './one-of.ts';

const length = Joi.number().integer().min(1).max(LONGEST_MEASURE).required();
const measured = Joi.object({ value: length, typed: line(LIMITS.typed) });
const own = Joi.object()
  .pattern(Joi.string().max(80), Joi.object({ length, typed: line(LIMITS.typed) }))
  .max(40)
  .required();
const end = Joi.object({ kind: oneOf(QUICK_KINDS), at: oneOf(QUICK_POINTS) }).required();
const cut = Joi.object({
  material: oneOf(THREADED_MATERIALS),
  size: oneOf(NOMINAL_SIZES),
  ends: Joi.array().ordered(end, end).length(2).required(),
  own,
  measure: measured.allow(null).required(),
}).required();
const unit = oneOf(['in', 'mm']);

const keptSchema: Joi.ObjectSchema<KeptQuickCut> = Joi.object<KeptQuickCut>({
  id: idSchema,
  cut,
  unit,
  at: momentSchema,
});

/** What a device keeps of Quick cut: how it was left, and the short list. */
export const quickBenchSchema: Joi.ObjectSchema<QuickBench> = Joi.object<QuickBench>({
  cut,
  unit,
  typed: Joi.string().max(LIMITS.typed).allow('').default(''),
  list: Joi.array().items(keptSchema).max(50).required(),
}).required();
