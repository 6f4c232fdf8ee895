import type { JointKind } from './joint-kind.ts';

/** Soft solder drawn into the gap of a capillary fitting. Where gas may be joined so at all is the local rule’s to say. */
export const capillary: JointKind = {
  id: 'capillary',
  sealsAt: 'solder',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'heat' },
  turnedBy: 'torch',
  secondWrench: false,
  madeAgain: 'cut-out',
};
