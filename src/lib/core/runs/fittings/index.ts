export {
  type Chains,
  type Link,
  getOwnEnd,
  readChains,
  readChainsAgain,
  readPick,
  seeLegs,
  workOutChain,
} from './chains.ts';
export { findBendAt } from './find-bend.ts';
export { type Fitting, type FittingRefusal, findLink, findPort } from './fitting.ts';
export { findInlet } from './found-in-place.ts';
export { findShape, inferFitting } from './infer-fitting.ts';
export { listAdapterKinds } from './join-by-adapters.ts';
export { withOwnParts, withShopParts } from './own-parts.ts';
