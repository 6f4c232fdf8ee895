export { explainPiece } from './explain-piece.ts';
export { explain } from './explain.ts';
export { type FormulaCode, type Quantity, type Term, type Working } from './explanation.ts';
