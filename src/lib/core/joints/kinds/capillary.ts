import type { JointKind } from './joint-kind.ts';

/** Soft solder drawn into the gap of a capillary fitting. Where gas may be joined so at all is the local rule’s to say. */
export const capillaryJoint: JointKind = {
  id: 'capillary',
  sealsAt: 'solder',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'heat' },
  turnedBy: 'torch',
  secondWrench: false,
  closes: 'push',
  nut: null,
  joinsParts: false,
  family: 'made-for-good',
  worksLoose: false,
  isOfCopper: true,
  isSeated: false,
  madeAgain: 'cut-out',
};
