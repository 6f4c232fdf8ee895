import type { JointKind } from './joint-kind.ts';

/** Butt fusion: the pipe itself melts together; nothing goes between, not even a finger. */
export const peFusionJoint: JointKind = {
  id: 'pe-fusion',
  sealsAt: 'melt',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'heat' },
  turnedBy: 'iron',
  secondWrench: false,
  closes: 'push',
  nut: null,
  joinsParts: false,
  family: 'polyethylene',
  worksLoose: false,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'cut-out',
};
