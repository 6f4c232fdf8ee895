export { findLikeSize } from './craft-sizes.ts';
export type { Bending, Craft, EndUnknown, MadeJoint, MaterialTraits, Settings, WorkedEnd } from './craft.ts';
export {
  CRAFTS,
  FIRST_MATERIAL,
  areAlike,
  getCraft,
  getCraftOf,
  getMaterialTraits,
  makeSettings,
  readSettings,
} from './crafts.ts';
export { getThreadSystem } from './threaded-steel/pipe-end.ts';
