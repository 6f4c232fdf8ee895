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
  closes: 'nut',
  nut: 'female',
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: false,
  isOfCopper: false,
  isSeated: true,
  madeAgain: 'new-washer',
};
