export {
  type AddLegRefusal,
  type NewLeg,
  type NewMeasure,
  centreToCentre,
  findNextTag,
  findRank,
  makeNode,
  planAddLeg,
} from './add-leg.ts';
export { type BranchRefusal, type PartingPlace, planBranchHere } from './branch-here.ts';
export { type NothingToBush, planBushDown } from './bush-down.ts';
export { type LengthFollows, type UnknownLeg, planChangeMeasure } from './change-measure.ts';
export {
  type ChoosePartRefusal,
  type NoBendHere,
  findKindsThatFit,
  planChoosePart,
  planSetBend,
} from './choose-part.ts';
export { planChooseRule } from './choose-rule.ts';
export { findClocking, planClockJoint } from './clock-joint.ts';
export { type NotAnEnd, planCloseEnd } from './close-end.ts';
export { planCopyRun } from './copy-run.ts';
export { findMeasures } from './find-own-measures.ts';
export { planInsertLeg } from './insert-leg.ts';
export { findLegsAt } from './leg-ways.ts';
export { asJson, insertLeg, insertOp, removeLeg, removeNode, removeOp, setOp, takeApart } from './make-op.ts';
export {
  type PartMeasure,
  type PartNotMeasured,
  isMeasuredEndToEnd,
  planMeasurePart,
} from './measure-part.ts';
export { type MovesIntoItself, planMoveLeg } from './move-leg.ts';
export type { NewId } from './new-ids.ts';
export {
  type TransitionRefusal,
  planDatePart,
  planPickTransition,
  planTakeOutTransition,
} from './pick-transition.ts';
export { type PartPlace, type PutPartRefusal, planPutPart, planTakeOutPart } from './put-part.ts';
export { type PassageRefusal, planGuardPassage, planPutPassage, planTakeOutPassage } from './put-passage.ts';
export { planRedirectLeg } from './redirect-leg.ts';
export { type Reduction, type ReductionKind, listReductions } from './reductions.ts';
export { type MeasureRefusal, planAddMeasure, planReferMeasure, planRemoveMeasure } from './refer-measure.ts';
export { findLegsBeyond, planRemoveLegs } from './remove-legs.ts';
export { planResizeLegs, planSwitchLegs } from './resize-legs.ts';
export { type FishedRefusal, planSayFished } from './say-fished.ts';
export {
  type BearingRefusal,
  type CoverRefusal,
  type TypedLength,
  planSayBearing,
  planSayCover,
  planSayPrint,
} from './say-ground.ts';
export { planSayZone } from './say-zone.ts';
export { planTakeOutLeg } from './take-out-leg.ts';
export { planUseMaker } from './use-maker.ts';
export { planGoBack, planWriteRun } from './write-run.ts';
