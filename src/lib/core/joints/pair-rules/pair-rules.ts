import { americanBritish } from './american-british.ts';
import { bsptPair } from './bspt-pair.ts';
import { flare37Pair } from './flare-37-pair.ts';
import { flare45Pair } from './flare-45-pair.ts';
import { flangePair } from './flange-pair.ts';
import { flaredTube } from './flared-tube.ts';
import { gPair } from './g-pair.ts';
import { notForGas } from './not-for-gas.ts';
import { npsmSwivel } from './npsm-swivel.ts';
import { nptPair } from './npt-pair.ts';
import { nptWithNptf } from './npt-with-nptf.ts';
import { nptfPair } from './nptf-pair.ts';
import { nutOnTube } from './nut-on-tube.ts';
import { oppositeHand } from './opposite-hand.ts';
import { otherPipeSize } from './other-pipe-size.ts';
import { otherSeat } from './other-seat.ts';
import { otherStraight } from './other-straight.ts';
import { ownSeal } from './own-seal.ts';
import { peFusion } from './pe-fusion.ts';
import { plainTubes } from './plain-tubes.ts';
import { rInG } from './r-in-g.ts';
import { sameGender } from './same-gender.ts';
import { straightInTaper } from './straight-in-taper.ts';
import { strangers } from './strangers.ts';
import { taperInStraight } from './taper-in-straight.ts';
import { tubeInSocket } from './tube-in-socket.ts';
import { tubeInThread } from './tube-in-thread.ts';
import { unionHalves } from './union-halves.ts';
import { unknownEnd } from './unknown-end.ts';

/** Every rule there is about two ends. Their order says nothing: each pair is one rule's business. */
export const PAIR_RULES = [
  unknownEnd,
  sameGender,
  oppositeHand,
  nptPair,
  nptfPair,
  nptWithNptf,
  npsmSwivel,
  bsptPair,
  gPair,
  rInG,
  americanBritish,
  otherPipeSize,
  straightInTaper,
  taperInStraight,
  flare45Pair,
  flare37Pair,
  ownSeal,
  notForGas,
  otherSeat,
  otherStraight,
  nutOnTube,
  flaredTube,
  tubeInThread,
  peFusion,
  plainTubes,
  tubeInSocket,
  unionHalves,
  flangePair,
  strangers,
] as const;

export type PairRuleId = (typeof PAIR_RULES)[number]['id'];
