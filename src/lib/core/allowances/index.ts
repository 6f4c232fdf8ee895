export { getCutByAllowances, getCutByMakeIn, getFaceToFace } from './cut-length.ts';
export { findEngagement, getTurnsAsked } from './find-engagement.ts';
export { type NearestNipple, findNearestNipple } from './find-nipple.ts';
export { type EngagementDoubt, judgeOwnEngagement } from './judge-own-engagement.ts';
export { type Offset, type OffsetPart, type OffsetRefusal, getOffsetLengths, solveOffset } from './offset.ts';
