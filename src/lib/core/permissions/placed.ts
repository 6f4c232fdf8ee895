import { getMaterialTraits, type PipeFamily } from '#core/materials';
import { type PartKind, MATERIALS, type Material, type PartPlaced, getPartTraits } from '#core/catalogue';
import { JOINT_KINDS, type JointKindId, JOINTS, type JointFamily } from '#core/joints';

/** What may run somewhere: what legs are made of. */
export const PLACED_MATERIALS = MATERIALS;
export type BodyPlaced = Material;

/** What may be made up somewhere. */
export type JointPlaced = Exclude<JointKindId, 'press'> | 'press-steel' | 'press-copper';
export const PLACED_JOINTS: readonly JointPlaced[] = JOINT_KINDS.flatMap((joint): JointPlaced[] =>
  joint === 'press' ? ['press-steel', 'press-copper'] : [joint],
);
/** What places care about in a joint on a pipe: one that is pressed rusts on steel and not on copper. */
export const getJointPlaced = (joint: JointKindId, on: BodyPlaced | null): JointPlaced => {
  if (joint !== 'press') return joint;
  return on !== null && getPipeFamily(on) === 'copper' ? 'press-copper' : 'press-steel';
};

/** What places care about in a part of a kind; null where its pipe and its joints say all. */
export const getPartPlaced = (kind: PartKind): PartPlaced | null => getPartTraits(kind).placedAs;

/** The family of what a leg is made of. */
export const getPipeFamily = (material: BodyPlaced): PipeFamily => getMaterialTraits(material).family;

/** Corrugated tubing: it alone is bonded, and it alone is fished. */
export const isCorrugated = (material: BodyPlaced): boolean => getPipeFamily(material) === 'csst';
/** Steel, that holds itself and a clamp. */
export const isRigid = (material: BodyPlaced): boolean =>
  getPipeFamily(material) === 'steel' || getPipeFamily(material) === 'pressed-steel';

/** The kind of joint, whatever it is on. */
export const toJoint = (joint: JointPlaced): JointKindId =>
  joint === 'press-steel' || joint === 'press-copper' ? 'press' : joint;

/** Whether a joint is of copper tube or its brass, which corrosive gas eats. */
export const isOfCopper = (joint: JointPlaced): boolean =>
  joint === 'press-copper' || JOINTS[toJoint(joint)].isOfCopper;

/** The family of a joint. */
export const getJointFamily = (joint: JointPlaced): JointFamily => JOINTS[toJoint(joint)].family;
