import type { JointKind } from './joint-kind.ts';

/** Straight swivel on a 30° seat: the thread only pulls. Over-tight mushrooms the seat. */
export const npsmSwivelJoint: JointKind = {
  id: 'npsm-swivel',
  sealsAt: 'seat-30',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'turns', from: 'contact', window: { least: 0.125, most: 0.25 } },
  turnedBy: 'spanner',
  secondWrench: true,
  closes: 'nut',
  nut: 'female',
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: false,
  isOfCopper: false,
  isSeated: true,
  madeAgain: 'clean-seat',
};
