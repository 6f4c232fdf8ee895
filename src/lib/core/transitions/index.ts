export { type ChainPart, findBore, listChainParts } from './chain-part.ts';
export type { Chain, ChainCost } from './chain.ts';
export { findNippleLength, getEndFigure, isBullhead, readCounterSize } from './counter-words.ts';
export { END_CLASSES, type EndClass, findEndClass } from './end-class.ts';
export {
  type LetOff,
  type NoTransition,
  type TransitionAnswer,
  findTransitions,
} from './find-transitions.ts';
export { listCounterParts } from './list-counter-parts.ts';
export {
  BEARERS,
  type Bearer,
  MOVEMENTS,
  type Movement,
  type TransitionQuestion,
  WISHES,
  type Wish,
} from './question.ts';
export { Counter, type CounterReading } from './read-counter-name.ts';
export { type RefusedWay, listRefusedWays } from './refused-ways.ts';
export { TransitionIndex, type Where, nameOf } from './transition-index.ts';
export { type ClassPair, makeTransitionTable } from './transition-table.ts';
