export {
  type ConnectorTotal,
  type CutSheet,
  type CutSheetRow,
  type SizeTotal,
  makeCutSheet,
} from './cut-sheet.ts';
export { type PieceMark, getPieceMarks } from './piece-marks.ts';
export {
  type AlikePieces,
  FIRST_QUICK_CUT,
  type KeptQuickCut,
  QUICK_KINDS,
  QUICK_LIST,
  QUICK_POINTS,
  type QuickBench,
  type QuickCut,
  type QuickKind,
  type QuickPoint,
  type QuickRun,
  findUnmeasuredPart,
  groupAlike,
  isQuickKindMade,
  makeQuickRun,
} from './quick-cut.ts';
export { type TubeSheet, makeTubeSheet } from './tube-sheet.ts';
