import type { JointKind } from './joint-kind.ts';

/** A ring crushed to the tube. Where gas may be joined so at all is the local rule's to say. */
export const compressionJoint: JointKind = {
  id: 'compression',
  sealsAt: 'olive',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'turns', from: 'hand-tight', window: { least: 0.75, most: 1.25 } },
  turnedBy: 'spanner',
  secondWrench: true,
  closes: 'push',
  nut: 'female',
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: true,
  isOfCopper: true,
  isSeated: true,
  madeAgain: 'new-olive',
};
