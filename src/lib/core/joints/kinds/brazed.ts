import { capillaryJoint } from './capillary.ts';
import type { JointKind } from './joint-kind.ts';

/** Made as a capillary joint is, with a filler that melts far above soft solder: it is brazed into the socket. */
export const brazedJoint: JointKind = { ...capillaryJoint, id: 'brazed' };
