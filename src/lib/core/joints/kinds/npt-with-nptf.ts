import type { JointKind } from './joint-kind.ts';

/** Plain taper with dryseal: crests do not reach the roots everywhere, so as NPT. */
export const nptWithNptfJoint: JointKind = {
  id: 'npt-with-nptf',
  sealsAt: 'wedged-flanks',
  sealant: 'required',
  sealantFromThread: 2,
  tightening: { by: 'engagement' },
  turnedBy: 'pipe-wrench',
  secondWrench: true,
  closes: 'turn',
  nut: null,
  joinsParts: true,
  family: 'taper',
  worksLoose: false,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'clean-once',
};
