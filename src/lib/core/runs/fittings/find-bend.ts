import { magnitude, cross, dot } from '#core/geometry';
import { areAlike, getCraft } from '#core/materials';
import type { Fitting } from './fitting.ts';
import { getVectorFrom, hasPipe, type Leg, type RunNode } from '#core/runs/document';

/**
 * One tube that goes on through a node: two legs of one craft that bends, alike in everything, where no fitting was put. Degrees from straight on.
 * Null for anything else, and where it would go back the way it came: that is no bend but two, with a straight between.
 */
export function findBendAt(node: RunNode, legs: readonly Leg[]): Extract<Fitting, { kind: 'bend' }> | null {
  const [a, b] = legs;
  if (!a || !b || legs.length !== 2 || node.part.kind === 'chosen' || node.terminal !== null) return null;
  if (getCraft(a).turnsBy !== 'bend' || !areAlike(a, b) || !hasPipe(a) || !hasPipe(b)) return null;
  const [back, onward] = [getVectorFrom(a, node.id), getVectorFrom(b, node.id)];
  // Of nearly straight ways the angle is told by what they differ in.
  const angle = (Math.atan2(magnitude(cross(back, onward)), dot(back, onward)) * 180) / Math.PI;
  if (angle < 1e-6) return null;
  const radius = node.part.kind === 'bend' ? node.part.radius : null;
  return { kind: 'bend', legs: [a, b], degrees: roundOff(180 - angle), radius };
}

/** What is lost in the last digits is no angle. */
const roundOff = (degrees: number): number => Math.round(degrees * 1e6) / 1e6;
