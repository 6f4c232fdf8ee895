import { MATERIALS, type Material } from '../catalogue/pipe.ts';
import { JOINT_KINDS, type JointKindId } from '../joints/pair-verdict.ts';

/** What may run somewhere: what legs are made of. */
export const PLACED_MATERIALS = MATERIALS;
export type BodyPlaced = Material;

/** What may stand somewhere: joints, and parts that are forbidden in places whatever their joints are. */
export const PLACED_JOINTS = [...JOINT_KINDS, 'bushing', 'connector'] as const;
export type JointPlaced = JointKindId | 'bushing' | 'connector';

/** What places care about in a pipe. */
export type PipeFamily = 'steel' | 'pressed-steel' | 'csst' | 'copper' | 'polyethylene';

const FAMILIES: Readonly<Record<BodyPlaced, PipeFamily>> = {
  'black-iron': 'steel',
  'steel-r': 'steel',
  csst: 'csst',
  'csst-arc': 'csst',
  'copper-flared': 'copper',
  'copper-compression': 'copper',
  'copper-capillary': 'copper',
  'copper-brazed': 'copper',
  'steel-pressed': 'pressed-steel',
  'copper-pressed': 'copper',
  'pe-stabbed': 'polyethylene',
  'pe-fused': 'polyethylene',
};
/** The family of what a leg is made of. */
export const getPipeFamily = (material: BodyPlaced): PipeFamily => FAMILIES[material];

/** Corrugated tubing: it alone is bonded, and it alone is fished. */
export const isCorrugated = (material: BodyPlaced): boolean => getPipeFamily(material) === 'csst';
/** Steel, that holds itself and a clamp. */
export const isRigid = (material: BodyPlaced): boolean =>
  getPipeFamily(material) === 'steel' || getPipeFamily(material) === 'pressed-steel';

/** What places care about in a joint: whether it comes apart, is made once for all, or is of tubing or plastic. */
export type JointFamily = 'taper' | 'comes-apart' | 'made-for-good' | 'tubing-end' | 'polyethylene';

const JOINT_FAMILIES: Readonly<Record<JointPlaced, JointFamily>> = {
  'npt-in-npt': 'taper',
  'nptf-in-nptf': 'taper',
  'npt-with-nptf': 'taper',
  'r-in-rp': 'taper',
  'npsm-swivel': 'comes-apart',
  'flare-45': 'comes-apart',
  'connector-flare': 'comes-apart',
  'flare-37': 'comes-apart',
  union: 'comes-apart',
  compression: 'comes-apart',
  'inverted-flare': 'comes-apart',
  'cutting-ring': 'comes-apart',
  contact: 'comes-apart',
  valve: 'comes-apart',
  'g-washer': 'comes-apart',
  flange: 'comes-apart',
  bushing: 'comes-apart',
  connector: 'comes-apart',
  press: 'made-for-good',
  capillary: 'made-for-good',
  brazed: 'made-for-good',
  csst: 'tubing-end',
  'pe-stab': 'polyethylene',
  'pe-fusion': 'polyethylene',
};
/** The family of a joint, or of a part that is like one. */
export const getJointFamily = (joint: JointPlaced): JointFamily => JOINT_FAMILIES[joint];
