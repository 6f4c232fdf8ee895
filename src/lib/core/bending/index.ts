export { type BendSheet, type SheetBend, makeBendSheet } from './bend-sheet.ts';
export { traceTube } from './bend-tube.ts';
export { RETURN_BEND_FROM } from './bend.ts';
export type { Bender, ShoeMark } from './bender.ts';
export { type Developed, develop, roundCorner } from './bent-path.ts';
export { type AboutTube, getLie, getTurnOfTube } from './turn-of-tube.ts';
