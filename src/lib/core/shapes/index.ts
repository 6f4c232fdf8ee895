export { ID, SPEC_ID, isId } from './ids.ts';
export { bendRadius, length, lengthOrNone, short } from './lengths.ts';
export { LIMITS } from './limits.ts';
export {
  type Shape,
  type Spec,
  type TypeOf,
  anyOf,
  by,
  fields,
  flag,
  kinds,
  list,
  mapOf,
  nameLine,
  number,
  numberAbove,
  oneOf,
  orNull,
  otherThan,
  pair,
  pattern,
  text,
  textOrNone,
  whole,
} from './shape.ts';
