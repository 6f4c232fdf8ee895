import type { JointKind } from './joint-kind.ts';

/** 24° cone with a ring that bites the tube. */
export const cuttingRing: JointKind = {
  id: 'cutting-ring',
  sealsAt: 'cutting-ring',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'maker' },
  turnedBy: 'spanner',
  secondWrench: true,
  closes: 'push',
  nut: 'female',
  joinsParts: false,
  family: 'comes-apart',
  worksLoose: true,
  isOfCopper: false,
  isSeated: true,
  madeAgain: 'new-parts',
};
