export {
  type ApplianceEnd,
  BLANK_PLATE,
  FLOOR_POINTS,
  type FloorBelow,
  type FloorPoint,
  type Plate,
  newAppliance,
} from './appliance.ts';
export { type BrokenReference, findBrokenReference } from './check-run.ts';
export { COLLECTIONS, type Collection } from './collections.ts';
export { MOST_COVER } from './cover.ts';
export { type Fullness, MOST_IN, MOST_PARTS_IN_LEG, findFullness, findOverfullLeg } from './fullness.ts';
export { isEmpty } from './is-empty.ts';
export { findWayFrom, getLegVector, getVectorFrom, hasPipe, isMaleAt, isSameWay } from './leg-direction.ts';
export { findLeg, getLeg, getLegs, getLegsByNode } from './legs.ts';
export { copyCollection, findTouched, idsOf, noteCopy } from './lineage.ts';
export {
  type Anchor,
  type ConnectorGeometry,
  type Fished,
  INLINE_KINDS,
  type InlineKind,
  type InlinePart,
  type JointClocking,
  type Leg,
  type LegEntry,
  type LegGeometry,
  type LegSpec,
  type Measure,
  type OffsetGeometry,
  type OffsetSide,
  type OwnPart,
  type Passage,
  type Pick,
  type PrintedOn,
  REF_POINTS,
  RUN_SCHEMA,
  type Ref,
  type RefPoint,
  type RunDoc,
  type RunNode,
  type Terminal,
  centreOf,
  findSource,
  getSpecId,
  newRun,
  newRunFromSpecimen,
} from './run.ts';
export { SAID_OF, type SaidOf } from './said.ts';
export { type LegsByNode, findLegOfPart, findStraightLine } from './straight-line.ts';
export { getZoneOf } from './zone-of.ts';
