import type { JointKind } from './joint-kind.ts';

/** The flare of a flexible connector: tightened once, with two wrenches; a used connector is not made up again. */
export const connectorFlare: JointKind = {
  id: 'connector-flare',
  sealsAt: 'connector-cone',
  sealant: 'never',
  sealantFromThread: null,
  tightening: { by: 'maker' },
  turnedBy: 'spanner',
  secondWrench: true,
  closes: 'nut',
  nut: 'female',
  joinsParts: true,
  family: 'comes-apart',
  worksLoose: true,
  isOfCopper: false,
  isSeated: true,
  madeAgain: 'new-connector',
};
