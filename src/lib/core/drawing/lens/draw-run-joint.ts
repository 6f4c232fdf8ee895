import { toMillimetres } from '#core/units';
import { drawJoint, type JointToDraw } from '../draw-joint.ts';
import { acrossAxis, type LensPicture } from './lens-picture.ts';

/** The joint of a run cut open, as the lens shows any two ends: from the figures of its thread, pipe and fitting. */
export function drawRunJoint(joint: JointToDraw): LensPicture {
  const { pipe, fitting, contact, engaged, showing, frame } = drawJoint(joint);
  const { thread } = joint;
  const pitch = 25.4 / thread.threadsPerInch;
  const wall = contact.at(-1)?.y ?? frame.radius;
  const end = toMillimetres(thread.cutToScratch) + engaged.from;
  const flank = thread.family === 'R' ? 55 : 60;
  return {
    shapes: [
      { role: 'female', outline: fitting },
      { role: 'male', outline: pipe },
    ],
    seals: [contact],
    touches: [],
    showing,
    angles: [{ at: { x: 1.5 * pitch, y: wall - 1.6 * pitch }, degrees: flank, of: 'male' }],
    dimensions: [
      { kind: 'along', from: engaged.from, to: engaged.to, length: engaged.to - engaged.from },
      acrossAxis('male', end + pitch, toMillimetres(joint.pipe.outside)),
    ],
    look: { from: engaged.from - 2 * pitch, to: end + 2 * pitch, radius: wall },
    whole: frame,
  };
}
