export { type Tape, type TapeMark, type TapeStation, getMarks, layTape } from './lay-tape.ts';
export { type MarkMove, type MoveMarkRefusal, getFarCentre, planDrag, planReading } from './move-mark.ts';
