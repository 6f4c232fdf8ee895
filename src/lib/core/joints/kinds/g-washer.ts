import type { JointKind } from './joint-kind.ts';

/** British parallel thread: a flat washer or an O-ring seals, the thread pulls. */
export const gWasher: JointKind = {
  id: 'g-washer',
  sealsAt: 'flat-washer',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'snug' },
  turnedBy: 'spanner',
  secondWrench: true,
  madeAgain: 'new-washer',
};
