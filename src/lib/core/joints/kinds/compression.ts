import type { JointKind } from './joint-kind.ts';

/** A ring crushed to the tube. Where gas may be joined so at all is the local rule's to say. */
export const compression: JointKind = {
  id: 'compression',
  sealsAt: 'olive',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'turns', from: 'hand-tight', window: { least: 0.75, most: 1.25 } },
  turnedBy: 'spanner',
  secondWrench: true,
  madeAgain: 'new-olive',
};
