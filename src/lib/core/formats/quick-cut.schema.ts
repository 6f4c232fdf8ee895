import Joi from 'joi';
import { THREADED_MATERIALS } from '#core/catalogue';
import { NOMINAL_SIZES } from '#core/ends';
import { QUICK_KINDS, QUICK_POINTS, type KeptQuickCut, type QuickBench } from '#core/cutting';
import { LONGEST_MEASURE } from '#core/units';
import { idSchema, momentSchema } from './id.schema.ts';
import { LIMITS } from '#core/shapes';
import { oneOfSchema } from './one-of.ts';
import { lineSchema } from './text.schema.ts';

const length = Joi.number().integer().min(1).max(LONGEST_MEASURE).required();
const measured = Joi.object({ value: length, typed: lineSchema(LIMITS.typed) });
const own = Joi.object()
  .pattern(Joi.string().max(80), Joi.object({ length, typed: lineSchema(LIMITS.typed) }))
  .max(40)
  .required();
const end = Joi.object({ kind: oneOfSchema(QUICK_KINDS), at: oneOfSchema(QUICK_POINTS) }).required();
const cut = Joi.object({
  material: oneOfSchema(THREADED_MATERIALS),
  size: oneOfSchema(NOMINAL_SIZES),
  ends: Joi.array().ordered(end, end).length(2).required(),
  own,
  measure: measured.allow(null).required(),
}).required();
const unit = oneOfSchema(['in', 'mm']);

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
