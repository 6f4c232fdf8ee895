import Joi from 'joi';
import {
  FLANGE_DRILLINGS,
  GENDERS,
  HANDS,
  METALS,
  PREPARATIONS,
  SOCKET_KINDS,
  TEMPERS,
  TUBE_KINDS,
  type End,
  SEATS,
  NOMINAL_SIZES,
  THREAD_FAMILIES,
} from '#core/ends';
import { LIMITS } from './limits.ts';
import { text } from './text.schema.ts';
import { oneOf } from './one-of.ts';

const kind = (name: End['kind']) => oneOf([name]);
const threadId = Joi.string()
  .pattern(/^[a-z][A-Za-z0-9 ./:()_,-]{2,119}$/)
  .required();
const tubeName = { of: oneOf(TUBE_KINDS), name: text(LIMITS.name) };
const takes = Joi.object(tubeName).required();

const KINDS: Readonly<Record<End['kind'], Joi.SchemaMap>> = {
  thread: {
    family: oneOf(THREAD_FAMILIES),
    size: text(LIMITS.name),
    gender: oneOf(GENDERS),
    hand: oneOf(HANDS).allow(null),
    seat: oneOf([...SEATS, 'unknown']),
    metal: oneOf(METALS),
  },
  tube: { ...tubeName, prepared: oneOf(PREPARATIONS), temper: oneOf(TEMPERS).allow(null) },
  socket: { how: oneOf(SOCKET_KINDS), takes },
  flange: { size: oneOf(NOMINAL_SIZES), drilling: oneOf(FLANGE_DRILLINGS) },
  'union-half': { size: oneOf(NOMINAL_SIZES), half: oneOf(['cone', 'socket']) },
  'fusion-face': { takes },
  unknown: { among: Joi.array().items(threadId).max(40).required(), certainty: oneOf(['likely', 'tie']) },
};

/** An end of some kinds, as documents hold it: what it is called, never its figures. */
export const endOf = (kinds: readonly End['kind'][]): Joi.Schema =>
  Joi.alternatives()
    .conditional('.kind', {
      switch: kinds.map((each) => ({
        is: each,
        then: Joi.object({ kind: kind(each), ...KINDS[each] }),
      })),
      otherwise: Joi.forbidden(),
    })
    .required();

export const endSchema = endOf(Object.keys(KINDS) as End['kind'][]);
