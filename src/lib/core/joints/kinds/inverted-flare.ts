import type { JointKind } from './joint-kind.ts';

/** Double flare inside the body, under a male nut. */
export const invertedFlare: JointKind = {
  id: 'inverted-flare',
  sealsAt: 'inverted-cone',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'maker' },
  turnedBy: 'spanner',
  secondWrench: true,
  closes: 'nut',
  nut: 'female',
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: true,
  isOfCopper: false,
  isSeated: true,
  madeAgain: 'flare-again',
};
