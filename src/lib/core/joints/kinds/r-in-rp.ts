import type { JointKind } from './joint-kind.ts';

/** British taper R into Rp (parallel) or Rc (taper): wedged flanks with a spiral path left, so sealant is required. */
export const rInRp: JointKind = {
  id: 'r-in-rp',
  sealsAt: 'wedged-flanks',
  sealant: 'required',
  sealantFromThread: 2,
  tightening: { by: 'engagement' },
  turnedBy: 'pipe-wrench',
  secondWrench: true,
  closes: 'turn',
  nut: null,
  joinsParts: true,
  family: 'taper',
  worksLoose: false,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'clean-once',
};
