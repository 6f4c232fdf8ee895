import type { JointKind } from './joint-kind.ts';

/** Outlet of a cylinder valve: metal nose or seal inside the valve; listed for one gas. */
export const valve: JointKind = {
  id: 'valve',
  sealsAt: 'valve-seat',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'maker' },
  turnedBy: 'spanner',
  secondWrench: false,
  closes: 'push',
  nut: null,
  joinsParts: false,
  family: 'comes-apart',
  worksLoose: false,
  isOfCopper: false,
  isSeated: true,
  madeAgain: 'clean-seat',
};
