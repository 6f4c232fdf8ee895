export { getLetter, getPieceEnd } from './laid-piece.ts';
export type { LaidInline, LaidLeg, LaidNode, Piece, PieceCut } from './laid.ts';
export { type LegPipe, findInlinePart, joinStock, layParts, readInlineEnd } from './lay-inline.ts';
export { PieceLayer, endsAlike, isTube } from './lay-pieces.ts';
export { type TubePath, type TubeTurn, developPath } from './tube-path.ts';
