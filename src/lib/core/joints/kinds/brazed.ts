import type { JointKind } from './joint-kind.ts';

/** Filler brazed into a socket: melts far above what a house fire reaches first. */
export const brazed: JointKind = {
  id: 'brazed',
  sealsAt: 'solder',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'heat' },
  turnedBy: 'torch',
  secondWrench: false,
  madeAgain: 'cut-out',
};
