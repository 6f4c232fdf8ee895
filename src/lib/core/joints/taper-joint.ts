import type { TaperFamily } from '../catalogue/part.ts';
import type { JointKind } from './joint-kind.ts';
import { nptInNpt } from './npt-in-npt.ts';
import { rInRp } from './r-in-rp.ts';

const JOINTS: Readonly<Record<TaperFamily, JointKind>> = { NPT: nptInNpt, R: rInRp };

/** How a taper pipe thread of a family seals in an opening of its own family. */
export const getTaperJoint = (family: TaperFamily): JointKind => JOINTS[family];
