import type { AnyTrapRule } from './rules/trap-rule.ts';
import { levelNipple } from './rules/level-nipple.ts';
import { nippleNotMeasured } from './rules/nipple-not-measured.ts';
import { noCap } from './rules/no-cap.ts';
import { noRoom } from './rules/no-room.ts';
import { noShutOff } from './rules/no-shut-off.ts';
import { outOfReach } from './rules/out-of-reach.ts';
import { ownWay } from './rules/own-way.ts';
import { plugNoNipple } from './rules/plug-no-nipple.ts';
import { portsUnclear } from './rules/ports-unclear.ts';
import { reducedNipple } from './rules/reduced-nipple.ts';
import { roomNotKnown } from './rules/room-not-known.ts';
import { roomUnknown } from './rules/room-unknown.ts';
import { shutOffAfterTrap } from './rules/shut-off-after-trap.ts';
import { shutOffAsked } from './rules/shut-off-asked.ts';
import { shutOffBeyond } from './rules/shut-off-beyond.ts';
import { shutOffFar } from './rules/shut-off-far.ts';
import { shutOffUnreached } from './rules/shut-off-unreached.ts';
import { straightThrough } from './rules/straight-through.ts';
import { supplyRises } from './rules/supply-rises.ts';
import { tooFar } from './rules/too-far.ts';
import { tooShort } from './rules/too-short.ts';
import { trapAfterConnector } from './rules/trap-after-connector.ts';
import { turnsButRises } from './rules/turns-but-rises.ts';
import { unionBeforeShutOff } from './rules/union-before-shut-off.ts';
import { upsideDown } from './rules/upside-down.ts';

/** Every rule about a sediment trap that is there, the worst first: that is the order in which they are said. */
export const TRAP_RULES: readonly AnyTrapRule[] = [
  noCap,
  straightThrough,
  upsideDown,
  levelNipple,
  plugNoNipple,
  outOfReach,
  trapAfterConnector,
  noShutOff,
  shutOffUnreached,
  shutOffBeyond,
  shutOffFar,
  unionBeforeShutOff,
  shutOffAfterTrap,
  reducedNipple,
  tooShort,
  noRoom,
  portsUnclear,
  turnsButRises,
  supplyRises,
  nippleNotMeasured,
  ownWay,
  shutOffAsked,
  tooFar,
  roomNotKnown,
  roomUnknown,
];
