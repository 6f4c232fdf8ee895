import { PART_KINDS } from '#core/catalogue';
import { endOfKinds, type End } from '#core/ends';
import {
  anyOf,
  bendRadius,
  fields,
  kinds,
  LIMITS,
  oneOf,
  orNull,
  textOrNone,
  type Shape,
  type TypeOf,
} from '#core/shapes';
import { APPLIANCE } from '../appliance.ts';
import { entry, idOf, recordKind } from './record-kind.ts';

/** What stands there follows from the legs (`auto`: of tube a bend), or one kind was chosen among those that fit them. */
const NODE_PART = anyOf(
  kinds('auto'),
  fields({ kind: oneOf(['chosen']), part: oneOf(PART_KINDS) }),
  /** The tube itself turns here, at a radius (to its centre line, nm) of its own and not the one the house bends it to. */
  fields({ kind: oneOf(['bend']), radius: bendRadius, typed: textOrNone(LIMITS.typed) }),
);

const FOUND: Shape<End> = endOfKinds('thread', 'unknown');

const TERMINAL = anyOf(
  /** A plug is on a leg made up straight into a fitting: its opening is closed. */
  kinds('open', 'cap', 'plug'),
  APPLIANCE,
  /** What was found in place, as a specimen of the job; measures to it are taken to its mouth or end. */
  fields({ kind: oneOf(['existing']), specimen: idOf, end: FOUND }),
);
export type Terminal = TypeOf<typeof TERMINAL>;

const shape = entry({
  part: NODE_PART,
  /** What closes a node with one leg; null for a node where legs meet, and for an end not decided yet. */
  terminal: orNull(TERMINAL),
});

/** A place where legs meet or end. */
export type RunNode = TypeOf<typeof shape>;

/** A run may be begun at something found in place. */
export const NODES = recordKind<RunNode>(shape, 24_000, { beginsWith: 1 });
