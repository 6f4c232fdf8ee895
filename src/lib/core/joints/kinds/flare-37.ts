import type { JointKind } from './joint-kind.ts';

/** 37° cone on 37° cone, of fluid power; on gas only where it is listed. */
export const flare37: JointKind = {
  id: 'flare-37',
  sealsAt: 'cone-37',
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
  madeAgain: 'clean-seat',
};
