export { DRIP_PITCH, findDripless } from './drips.ts';
export { type Drop, type Trap, findDrop, getInletSize, listDrops } from './drop.ts';
export { judgeDrop } from './judge-drop.ts';
export { TRAP_LENGTHS, getLeastLength, getMeasured } from './least-length.ts';
export { hasUnionAfter } from './passing.ts';
export { findRequirement } from './requirement.ts';
export { findFloorPoint } from './room-under-cap.ts';
export { findShutOff } from './shut-off.ts';
export {
  TEE_VERDICTS,
  type TeePort,
  type TeeUse,
  type TeeVerdict,
  judgeTee,
  listTeeUses,
  looksDown,
  looksUp,
} from './tee-use.ts';
export type { ShutOffFault, TrapCode, TrapFinding } from './trap-finding.ts';
export { getTrapLengths } from './trap-lengths.ts';
export { TRAP_RULES } from './trap-rules.ts';
