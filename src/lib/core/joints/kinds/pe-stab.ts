import type { JointKind } from './joint-kind.ts';

/** Stab coupling: O-rings over an inner stiffener, the factory's grease only; pushed to the mark, then pulled to test. */
export const peStab: JointKind = {
  id: 'pe-stab',
  sealsAt: 'o-rings',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'depth-mark' },
  turnedBy: 'hands',
  secondWrench: false,
  closes: 'push',
  nut: null,
  joinsParts: false,
  family: 'polyethylene',
  worksLoose: false,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'never',
};
