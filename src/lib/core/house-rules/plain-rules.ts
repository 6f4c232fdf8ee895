import { bendingRule } from './bending.ts';
import { burialDepthRule } from './burial-depth.ts';
import { compressionRule } from './compression.ts';
import { concealedRule } from './concealed.ts';
import { corrosiveGasRule } from './corrosive-gas.ts';
import { csstJacketRule } from './csst-jacket.ts';
import { csstSupportsRule } from './csst-supports.ts';
import { galvanisedRule } from './galvanised.ts';
import { grippingRule } from './gripping.ts';
import { ironTemperatureRule } from './iron-temperature.ts';
import { joiningPeRule } from './joining-pe.ts';
import { leakFluidRule } from './leak-fluid.ts';
import { meltEndRule } from './melt-end.ts';
import { reducingRule } from './reducing.ts';
import { remakingRule } from './remaking.ts';
import { sealantRule } from './sealant.ts';
import { shutOffReachRule } from './shut-off-reach.ts';
import { softSolderRule } from './soft-solder.ts';
import { straightTrapRule } from './straight-trap.ts';
import { strikePlatesRule } from './strike-plates.ts';
import { tapeWrapsRule } from './tape-wraps.ts';
import { testPackRule } from './test-pack.ts';
import { tracerRule } from './tracer.ts';
import { trapMeasuredRule } from './trap-measured.ts';
import { dripsRule } from './drips.ts';
import { trapNeededRule } from './trap-needed.ts';
import { trapNippleRule } from './trap-nipple.ts';
import { tubeSlackRule } from './tube-slack.ts';
import { tubeTrimRule } from './tube-trim.ts';
import { whoHoldsRule } from './who-holds.ts';

/** House rules that are a choice among schools and nothing more, in the order of the page that shows them. */
export const PLAIN_RULES = [
  tapeWrapsRule,
  sealantRule,
  whoHoldsRule,
  grippingRule,
  remakingRule,
  galvanisedRule,
  compressionRule,
  softSolderRule,
  reducingRule,
  concealedRule,
  corrosiveGasRule,
  trapNippleRule,
  trapMeasuredRule,
  trapNeededRule,
  straightTrapRule,
  shutOffReachRule,
  dripsRule,
  joiningPeRule,
  ironTemperatureRule,
  meltEndRule,
  tracerRule,
  burialDepthRule,
  csstSupportsRule,
  csstJacketRule,
  tubeSlackRule,
  tubeTrimRule,
  strikePlatesRule,
  bendingRule,
  leakFluidRule,
  testPackRule,
] as const;
