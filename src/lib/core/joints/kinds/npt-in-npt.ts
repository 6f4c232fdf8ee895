import type { JointKind } from './joint-kind.ts';

/** Taper pipe thread into taper pipe thread: wedged flanks with a spiral path left, so sealant is required. */
export const nptInNpt: JointKind = {
  id: 'npt-in-npt',
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
