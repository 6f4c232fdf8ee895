export { drawBending } from './draw-bending.ts';
export type { Stretch } from './draw-joint.ts';
export { drawDraft, drawLine } from './draw-line.ts';
export { type DrawnSheet, drawSheet } from './draw-sheet.ts';
export { getBodies, getGraduations, getPipes } from './draw-tape.ts';
export { type Thumbnail, drawThumbnail } from './draw-thumbnail.ts';
export {
  type RiserPicture,
  type RiserRole,
  drawRiser,
  drawTrenchPlan,
  drawTrenchSection,
} from './draw-trench.ts';
export { ZONE_LETTERS } from './draw-zone.ts';
export { type Frame, findDrawingFrame } from './find-drawing-frame.ts';
export { drawLens } from './lens/draw-lens.ts';
export { drawPart } from './lens/draw-part.ts';
export { drawRunJoint } from './lens/draw-run-joint.ts';
export { type StripPicture, drawStrip } from './lens/draw-strip.ts';
export { type TrapPicture, type TrapRole, drawTrap } from './lens/draw-trap.ts';
export type { LensDimension, LensPicture, LensRole } from './lens/lens-picture.ts';
export { PAPER, PAPER_LOOKS, TEXT_LOOKS, TONES } from './paper-look.ts';
export type { Sheet } from './place-line.ts';
export { type ReadingHandle, placeReadings } from './place-readings.ts';
export { type InkShape, type TextShape, makeRecordingSink } from './sink.ts';
export { type ThreadForm, getCrestDiameter, makeThreadProfile } from './thread-profile.ts';
export { writeSvg } from './write-svg.ts';
