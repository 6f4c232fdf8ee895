import type { JointKind } from './joint-kind.ts';

/** Gas-listed press coupling on steel: a sealing ring, pressed once; a depth mark shows that the pipe is home. */
export const pressJoint: JointKind = {
  id: 'press',
  sealsAt: 'ring',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'press-tool' },
  turnedBy: 'press-tool',
  secondWrench: false,
  closes: 'push',
  nut: null,
  joinsParts: false,
  family: 'made-for-good',
  worksLoose: false,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'never',
};
