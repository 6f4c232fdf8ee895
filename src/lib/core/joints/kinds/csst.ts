import type { JointKind } from './joint-kind.ts';

/** The maker's end fitting on corrugated stainless tubing: metal to metal or a gasket on the cut corrugation. */
export const csstJoint: JointKind = {
  id: 'csst',
  sealsAt: 'corrugation',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'maker' },
  turnedBy: 'spanner',
  secondWrench: true,
  closes: 'nut',
  nut: 'fitting',
  joinsParts: true,
  family: 'tubing-end',
  worksLoose: false,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'new-parts',
};
