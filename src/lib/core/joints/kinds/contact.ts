import type { JointKind } from './joint-kind.ts';

/** Pilot tube and thermocouple: hand-tight and a touch more; it carries a signal or a pilot's gas only. */
export const contact: JointKind = {
  id: 'contact',
  sealsAt: 'contact',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'turns', from: 'contact', window: { least: 0.125, most: 0.25 } },
  turnedBy: 'hands',
  secondWrench: false,
  closes: 'nut',
  nut: 'female',
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: false,
  isOfCopper: false,
  isSeated: true,
  madeAgain: 'clean-seat',
};
