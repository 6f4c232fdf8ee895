import type { TapeMark } from '#core/tape';

/** Heights on the tape's sheet: a row of handles for each kind of mark, the pipe's axis, the tape itself. */
export const ROWS = { centre: 22, face: 166, end: 206 } as const;
export const AXIS = 80;
export const STRIP = { top: 114, bottom: 144 } as const;
export const HEIGHT = 228;

export type Row = keyof typeof ROWS;

/** The row in which a mark has its handle: faces and pipe ends each have their own, all others are centres. */
export const findRow = ({ ref }: TapeMark): Row =>
  ref.at === 'face' || ref.at === 'end' ? ref.at : 'centre';

/** Half a pipe of this half (mm) on the sheet: to scale along the tape, not across it, but never too thin to see. */
export const drawThick = (half: number, scale: number): number => Math.min(16, Math.max(8, scale * half));
