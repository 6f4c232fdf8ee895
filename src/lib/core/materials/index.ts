export { findLikeSize } from './craft-sizes.ts';
export type { Bending, Craft, EndUnknown, MadeJoint, Settings, WorkedEnd } from './craft.ts';
export {
  CRAFTS,
  FIRST_MATERIAL,
  areAlike,
  getCraft,
  getCraftOf,
  makeSettings,
  readSettings,
} from './crafts.ts';
export type { MaterialTraits, PipeFamily } from './material-traits.ts';
export { getMaterialTraits } from './materials.ts';
export type { SupportFigures } from './support-figures.ts';
export { getThreadSystem } from './threaded-steel/pipe-end.ts';
