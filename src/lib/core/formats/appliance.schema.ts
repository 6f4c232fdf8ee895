import Joi from 'joi';
import { APPLIANCE_KINDS } from '#core/catalogue';
import { GASES } from '#core/house-rules';
import { FLOOR_POINTS, type Plate } from '#core/runs/document';
import {
  LONGEST_MEASURE,
  INPUT_BASES,
  INPUT_UNITS,
  parseGasInput,
  PRESSURE_UNITS,
  type GasInput,
  type PressureRange,
} from '#core/units';
import { endOf } from './end.schema.ts';
import { LIMITS } from './limits.ts';
import { text } from './text.schema.ts';
import { oneOf } from './one-of.ts';

const yesNo = Joi.boolean().allow(null).required();

/** What was typed reads as the figure that is kept, so that neither can say something else. */
const readsAsKept: Joi.CustomValidator<GasInput> = (input, helpers) => {
  const read = parseGasInput(input.typed);
  return read.ok && read.value.amount === input.amount && read.value.unit === input.unit
    ? input
    : helpers.error('any.invalid');
};

const risesToGreatest: Joi.CustomValidator<PressureRange> = (range, helpers) =>
  range.least <= range.greatest ? range : helpers.error('any.invalid');

/** An own kind has a name, a listed one needs none. */
const isNamed: Joi.CustomValidator<Plate> = (plate, helpers) =>
  (plate.what === 'own') === (plate.ownKind !== '') ? plate : helpers.error('any.invalid');

const pressure = Joi.number().greater(0).max(1000).required();

const plateSchema = Joi.object<Plate>({
  what: oneOf([...APPLIANCE_KINDS, 'own']).allow(null),
  ownKind: text(LIMITS.name).allow(''),
  input: Joi.object<GasInput>({
    amount: Joi.number().required(),
    unit: oneOf(INPUT_UNITS),
    basis: oneOf(INPUT_BASES).allow(null),
    typed: text(LIMITS.typed),
  })
    .custom(readsAsKept)
    .allow(null)
    .required(),
  gas: oneOf(GASES).allow(null),
  pressure: Joi.object<PressureRange>({ least: pressure, greatest: pressure, unit: oneOf(PRESSURE_UNITS) })
    .custom(risesToGreatest)
    .allow(null)
    .required(),
  hasTrap: yesNo,
  moves: yesNo,
  hasShutOff: yesNo,
  floor: Joi.object({
    from: oneOf(FLOOR_POINTS),
    length: Joi.number().integer().min(0).max(LONGEST_MEASURE).required(),
    typed: text(LIMITS.typed).allow(''),
  })
    .allow(null)
    .required(),
})
  .custom(isNamed)
  .required();

/** An appliance at an end of a run, as documents hold it. */
export const applianceSchema = Joi.object({
  kind: oneOf(['appliance']),
  name: text(LIMITS.name),
  inlet: endOf(['thread', 'unknown']).allow(null),
  plate: plateSchema,
});
