import type { JointKindId } from '../pair-verdict.ts';
import { brazedJoint } from './brazed.ts';
import { capillaryJoint } from './capillary.ts';
import { compressionJoint } from './compression.ts';
import { connectorFlare } from './connector-flare.ts';
import { contact } from './contact.ts';
import { csstJoint } from './csst.ts';
import { cuttingRing } from './cutting-ring.ts';
import { flare37 } from './flare-37.ts';
import { flare45 } from './flare-45.ts';
import { flange } from './flange.ts';
import { gWasher } from './g-washer.ts';
import { invertedFlare } from './inverted-flare.ts';
import type { JointKind } from './joint-kind.ts';
import { npsmSwivelJoint } from './npsm-swivel.ts';
import { nptInNpt } from './npt-in-npt.ts';
import { nptWithNptfJoint } from './npt-with-nptf.ts';
import { nptfInNptf } from './nptf-in-nptf.ts';
import { peFusionJoint } from './pe-fusion.ts';
import { peStab } from './pe-stab.ts';
import { pressJoint } from './press.ts';
import { rInRp } from './r-in-rp.ts';
import { union } from './union.ts';
import { valve } from './valve.ts';

/** Every kind of joint there is. Source: the trade's table of joints and seals; the maker's sheet goes before it. */
export const JOINTS: Readonly<Record<JointKindId, JointKind>> = {
  'npt-in-npt': nptInNpt,
  'nptf-in-nptf': nptfInNptf,
  'npt-with-nptf': nptWithNptfJoint,
  'npsm-swivel': npsmSwivelJoint,
  'flare-45': flare45,
  'connector-flare': connectorFlare,
  'flare-37': flare37,
  union,
  compression: compressionJoint,
  'inverted-flare': invertedFlare,
  'cutting-ring': cuttingRing,
  contact,
  valve,
  csst: csstJoint,
  press: pressJoint,
  'pe-stab': peStab,
  'pe-fusion': peFusionJoint,
  'r-in-rp': rInRp,
  'g-washer': gWasher,
  flange,
  capillary: capillaryJoint,
  brazed: brazedJoint,
};
