export { GUARDS, type Guard, PASSAGES, type PassageKind, isPassedUpright } from './passage.ts';
export { PASSAGE_WANTS, type PassageWant, findWants, mayPass } from './passages.ts';
export {
  PERMIT_CONDITIONS,
  PERMIT_REASONS,
  type Permit,
  type PermitCondition,
  type PermitReason,
  type PermitRuling,
  type PlaceQuestion,
} from './permission.ts';
export { type Permission, getWorst, mayJoin, mayRun, mayStand } from './permissions.ts';
export {
  type BodyPlaced,
  type JointPlaced,
  PLACED_JOINTS,
  PLACED_MATERIALS,
  getJointPlaced,
  getPartPlaced,
  isCorrugated,
  isRigid,
} from './placed.ts';
export { ZONES, type ZoneId, isInside, isOutOfReach } from './zone.ts';
