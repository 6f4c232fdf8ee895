export { type BuildRefusal, planBuildTrap } from './build-trap.ts';
export { type PutRightRefusal, planPutRight } from './put-right.ts';
export type { TrapShape } from './trap-shape.ts';
export { NO_WISH, type TrapWish } from './trap-wish.ts';
export { type WorkReport, reportWork } from './work-report.ts';
