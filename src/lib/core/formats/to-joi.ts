import Joi from 'joi';
import type { Shape, Spec } from '#core/shapes';
import { nameLineSchema, textSchema } from './text.schema.ts';

/** A shape is read with the same schema wherever it stands. */
const made = new WeakMap<Spec, Joi.Schema>();

/** The schema a shape is read with: it must be there. */
export function toJoi<Value>({ spec }: Shape<Value>): Joi.Schema<Value> {
  const before = made.get(spec);
  if (before) return before as Joi.Schema<Value>;
  const schema = makeSchema(spec).required();
  made.set(spec, schema);
  return schema as Joi.Schema<Value>;
}

function makeSchema(spec: Spec): Joi.Schema {
  switch (spec.is) {
    case 'text': {
      const schema = spec.isLine ? nameLineSchema(spec.most) : textSchema(spec.most);
      return spec.mayBeEmpty ? schema.allow('') : schema;
    }
    case 'pattern': {
      const schema = Joi.string().pattern(spec.pattern);
      return spec.not === null ? schema : schema.invalid(Joi.ref(spec.not));
    }
    case 'number':
      return makeNumber(spec);
    case 'flag':
      return Joi.boolean();
    case 'one-of':
      return typeof spec.among[0] === 'number'
        ? Joi.number().valid(...spec.among)
        : Joi.string().valid(...spec.among);
    case 'nullable':
      return toJoi(spec.of).allow(null);
    case 'list': {
      // What may be empty holds what may be missing from it.
      const items = spec.least > 0 ? toJoi(spec.of) : toJoi(spec.of).optional();
      const schema = Joi.array().items(items);
      if (spec.least === spec.most) return schema.length(spec.most);
      return (spec.least > 0 ? schema.min(spec.least) : schema).max(spec.most);
    }
    case 'map':
      return Joi.object().pattern(spec.keys, toJoi(spec.of)).max(spec.most);
    case 'fields':
      return withHolds(
        Joi.object(Object.fromEntries(Object.entries(spec.fields).map(([field, of]) => [field, toJoi(of)]))),
        spec.holds,
      );
    case 'by':
      return Joi.alternatives().conditional(`.${spec.field}`, {
        switch: Object.entries(spec.ways).map(([is, of]) => ({ is, then: makeSchema(of.spec) })),
        otherwise: spec.otherwise ? makeSchema(spec.otherwise.spec) : Joi.forbidden(),
      });
    case 'any-of':
      return Joi.alternatives().try(...spec.ways.map((of) => makeSchema(of.spec)));
  }
}

function makeNumber(spec: Extract<Spec, { is: 'number' }>): Joi.Schema {
  let schema = spec.isWhole ? Joi.number().integer() : Joi.number();
  if (spec.least !== null) schema = schema.min(spec.least);
  if (spec.above !== null) schema = schema.greater(spec.above);
  return spec.most === null ? schema : schema.max(spec.most);
}

const withHolds = (schema: Joi.Schema, holds: Extract<Spec, { is: 'fields' }>['holds']): Joi.Schema =>
  holds
    ? schema.custom((value: unknown, helpers) =>
        holds(value as never) ? value : helpers.error('any.invalid'),
      )
    : schema;
