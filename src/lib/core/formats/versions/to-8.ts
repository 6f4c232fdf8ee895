import { carryRecords, isObject } from './step.ts';

const addStock = (spec: unknown): unknown =>
  isObject(spec) && !('stock' in spec) ? { ...spec, stock: 'length' } : spec;
const addDepths = (own: unknown): unknown =>
  isObject(own) && !('depths' in own) ? { ...own, depths: {} } : own;

/** Settings say what stock a leg is of, own parts how far tube goes into them. Older legs are of straight lengths, older parts say nothing. */
export const to8 = carryRecords({ specs: addStock, ownParts: addDepths });
