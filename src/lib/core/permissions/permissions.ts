import {
  ask,
  PERMITS,
  type Permit,
  type PermitRule,
  type PermitRuling,
  type PlaceQuestion,
} from './permission.ts';
import type { BodyPlaced, JointPlaced } from './placed.ts';
import { ducts } from './rules/ducts.ts';
import { jointConcealed } from './rules/joint-concealed.ts';
import { jointInAVehicle } from './rules/joint-in-a-vehicle.ts';
import { jointInTheGround } from './rules/joint-in-the-ground.ts';
import { jointInTheOpen } from './rules/joint-in-the-open.ts';
import { jointThatShakes } from './rules/joint-that-shakes.ts';
import { jointUnderSlab } from './rules/joint-under-slab.ts';
import { pipeConcealed } from './rules/pipe-concealed.ts';
import { pipeInAVehicle } from './rules/pipe-in-a-vehicle.ts';
import { pipeInTheGround } from './rules/pipe-in-the-ground.ts';
import { pipeInTheOpen } from './rules/pipe-in-the-open.ts';
import { pipeInTheWet } from './rules/pipe-in-the-wet.ts';
import { pipeThatShakes } from './rules/pipe-that-shakes.ts';
import { pipeUnderSlab } from './rules/pipe-under-slab.ts';
import { polyethyleneJoint } from './rules/polyethylene-joint.ts';
import { polyethylenePipe } from './rules/polyethylene-pipe.ts';

/** Rules about pipe: the first that has the question for its business decides. */
export const PIPE_RULES: readonly PermitRule<BodyPlaced>[] = [
  ducts,
  polyethylenePipe,
  pipeUnderSlab,
  pipeInTheGround,
  pipeInAVehicle,
  pipeInTheWet,
  pipeThatShakes,
  pipeConcealed,
  pipeInTheOpen,
];

/** Rules about joints, and parts that are like them. */
export const JOINT_RULES: readonly PermitRule<JointPlaced>[] = [
  ducts,
  polyethyleneJoint,
  jointUnderSlab,
  jointConcealed,
  jointInTheGround,
  jointInAVehicle,
  jointThatShakes,
  jointInTheOpen,
];

/** An answer, and which rule gave it; null where none did. */
export interface Permission extends PermitRuling {
  readonly rule: string | null;
}

/**
 * Whether a pipe may run in a place. Nothing that no rule speaks of is fine: it is asked. Typical practice under a jurisdiction's rules; the
 * edition in force, the maker's sheet and the inspector go before it.
 */
export const mayRun = (question: PlaceQuestion<BodyPlaced>): Permission => decide(PIPE_RULES, question);

/** Whether a joint, or a part like one, may be in a place; otherwise as `mayRun`. */
export const mayJoin = (question: PlaceQuestion<JointPlaced>): Permission => decide(JOINT_RULES, question);

function decide<What extends BodyPlaced | JointPlaced>(
  rules: readonly PermitRule<What>[],
  question: PlaceQuestion<What>,
): Permission {
  for (const { id, decide: by } of rules) {
    const ruling = by(question);
    if (ruling) return { ...ruling, rule: id };
  }
  return { ...ask(), rule: null };
}

/** The worst of several answers: what a pipe with its joints comes to. */
export const getWorst = (permits: readonly Permit[]): Permit =>
  permits.reduce((a, b) => (PERMITS.indexOf(a) >= PERMITS.indexOf(b) ? a : b), 'allowed');
