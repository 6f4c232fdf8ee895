import type { JointKind } from './joint-kind.ts';

/** Ground joint: metal cone in metal socket; nothing on the seat and nothing on the nut. Its pipe ends are taper joints. */
export const union: JointKind = {
  id: 'union',
  sealsAt: 'ground-seat',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'snug' },
  turnedBy: 'pipe-wrench',
  secondWrench: true,
  closes: 'nut',
  nut: 'half',
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: true,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'clean-seat',
};
