import type { AnyTrapRule } from './rules/trap-rule.ts';
import { levelNipple } from './rules/level-nipple.ts';
import { nippleNotMeasured } from './rules/nipple-not-measured.ts';
import { noCap } from './rules/no-cap.ts';
import { noRoom } from './rules/no-room.ts';
import { noShutOff } from './rules/no-shut-off.ts';
import { ownWay } from './rules/own-way.ts';
import { plugNoNipple } from './rules/plug-no-nipple.ts';
import { portsUnclear } from './rules/ports-unclear.ts';
import { reducedNipple } from './rules/reduced-nipple.ts';
import { roomUnknown } from './rules/room-unknown.ts';
import { shutOffAfterTrap } from './rules/shut-off-after-trap.ts';
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
  trapAfterConnector,
  noShutOff,
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
  tooFar,
  roomUnknown,
];
