import type { JointKind } from './joint-kind.ts';

/** Two flanges bolted face to face on a gasket; bolts are drawn up crosswise, in steps. */
export const flange: JointKind = {
  id: 'flange',
  sealsAt: 'gasket',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'maker' },
  turnedBy: 'spanner',
  secondWrench: false,
  closes: 'nut',
  nut: null,
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: false,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'new-gasket',
};
