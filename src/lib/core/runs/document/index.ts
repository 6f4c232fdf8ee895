export {
  type ApplianceEnd,
  BLANK_PLATE,
  type FloorBelow,
  type FloorPoint,
  type Plate,
  newAppliance,
} from './appliance.ts';
export { type BrokenReference, findBrokenReference } from './check-run.ts';
export { COLLECTIONS, type Collection } from './collections.ts';
export { type Fullness, findFullness } from './fullness.ts';
export { listHangingOn } from './hanging.ts';
export { isEmpty } from './is-empty.ts';
export { findWayFrom, getLegVector, getVectorFrom, hasPipe, isMaleAt, isSameWay } from './leg-direction.ts';
export { findLeg, getLeg, getLegs, getLegsByNode } from './legs.ts';
export { copyCollection, findTouched, idsOf, noteCopy } from './lineage.ts';
export type { Anchor } from './records/anchor.ts';
export type { JointClocking } from './records/clocking.ts';
export { MOST_COVER } from './records/cover.ts';
export type { Fished } from './records/fished.ts';
export type { ConnectorGeometry, LegRecord, LegGeometry, OffsetGeometry, OffsetSide } from './records/leg.ts';
export type { RunMaker } from './records/maker.ts';
export { type Measure, REF_POINTS, type Ref, type RefPoint, centreOf } from './records/measure.ts';
export { RECORD_NAMES, type RecordName } from './records/names.ts';
export type { RunNode, Terminal } from './records/node.ts';
export type { OwnPart } from './records/own-part.ts';
export { INLINE_KINDS, type InlineKind, type InlinePart } from './records/part.ts';
export type { Passage } from './records/passage.ts';
export type { Pick } from './records/pick.ts';
export type { PrintedOn } from './records/print.ts';
export type { RecordRef } from './records/record-kind.ts';
export { RECORD_KEYS, getRecordKind } from './records/records.ts';
export { type LegSpec, getSpecId } from './records/spec.ts';
export { type Leg, RUN_SCHEMA, type RunDoc, findSource, newRun, newRunFromSpecimen } from './run.ts';
export { SAID_OF, type SaidOf } from './said.ts';
export { type LegsByNode, findLegOfPart, findStraightLine } from './straight-line.ts';
export { getZoneOf } from './zone-of.ts';
