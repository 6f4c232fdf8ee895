import type { JointKind } from './joint-kind.ts';

/** Dryseal in dryseal: crests crush into roots; a little lubricant against galling. Schools differ on the turns. */
export const nptfInNptf: JointKind = {
  id: 'nptf-in-nptf',
  sealsAt: 'crushed-crests',
  sealant: 'lubricant',
  sealantFromThread: 2,
  tightening: { by: 'turns', from: 'hand-tight', window: { least: 1.5, most: 3 } },
  turnedBy: 'pipe-wrench',
  secondWrench: true,
  closes: 'turn',
  nut: null,
  joinsParts: true,
  family: 'taper',
  worksLoose: false,
  isOfCopper: false,
  isSeated: false,
  madeAgain: 'never',
};
