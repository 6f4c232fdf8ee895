import type { JointKind } from './joint-kind.ts';

/** Copper cone on brass cone. No tape and no compound, on threads or cone; a drop of oil behind the flare where the maker allows. */
export const flare45: JointKind = {
  id: 'flare-45',
  sealsAt: 'cone-45',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'turns', from: 'hand-tight', window: { least: 0.25, most: 0.5 } },
  turnedBy: 'spanner',
  secondWrench: true,
  closes: 'nut',
  nut: 'female',
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: true,
  isOfCopper: true,
  isSeated: true,
  madeAgain: 'flare-again',
};
