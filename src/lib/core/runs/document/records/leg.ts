import { SYSTEMS } from '#core/catalogue';
import { endOfKinds } from '#core/ends';
import { AXES, getOpposite, WAYS } from '#core/geometry';
import {
  by,
  fields,
  flag,
  ID,
  length,
  LIMITS,
  oneOf,
  orNull,
  otherThan,
  pair,
  pattern,
  textOrNone,
  whole,
  type TypeOf,
} from '#core/shapes';
import { entry, idOf, recordKind } from './record-kind.ts';
import { getSpecId } from './spec.ts';

const typed = textOrNone(LIMITS.typed);

const OFFSET_SIDE = fields({
  way: oneOf(AXES),
  length,
  /** As it was typed; empty where it follows from the other figures. */
  typed,
});
export type OffsetSide = TypeOf<typeof OFFSET_SIDE>;

/** The travel of an offset between two 45° elbows: its length follows from set and roll (nm). */
const OFFSET = fields(
  {
    kind: oneOf(['offset']),
    along: oneOf(AXES),
    set: OFFSET_SIDE,
    /** Null for an offset in one plane. */
    roll: orNull(OFFSET_SIDE),
    angle: oneOf([45]),
  },
  // Set and roll go to the side: square to the way onward and to each other.
  ({ along, set, roll }) => {
    const lines = [along, set.way, ...(roll ? [roll.way] : [])].map((way) =>
      AXES.indexOf(way) < AXES.indexOf(getOpposite(way)) ? way : getOpposite(way),
    );
    return new Set(lines).size === lines.length;
  },
);
export type OffsetGeometry = TypeOf<typeof OFFSET>;

/**
 * A flexible appliance connector between two ends that are fixed: bought whole, never cut, and as long as it is, not as far as it goes.
 * `axis` is the way it is drawn.
 */
const CONNECTOR = fields({
  kind: oneOf(['connector']),
  axis: oneOf(WAYS),
  /** Its own ends: at the beginning of the leg, and at its end. */
  ends: pair(endOfKinds('thread')),
  /** As it is sold, nm; null while not said. */
  length: orNull(length),
  typed,
  /** Out of its packing, or taken off another appliance; null while not said. */
  isNew: orNull(flag),
});
export type ConnectorGeometry = TypeOf<typeof CONNECTOR>;

/** Fitting straight into fitting, no pipe: the centre-to-centre follows from the parts. */
const MADE_UP = fields({
  kind: oneOf(['made-up']),
  axis: oneOf(WAYS),
  /** Whose thread is the male one: that of the fitting at the beginning of the leg, or at its end. */
  male: oneOf(['from', 'to']),
});

/**
 * Straight (`axis`): square, or at 45° between two square ways. A `route` is tubing that was not measured bend by bend: how long it is along
 * its way is all that is said of it, by its measure; `axis` is the way it is drawn.
 */
const ALONG = fields({ kind: oneOf(['axis', 'route']), axis: oneOf(WAYS) });

const GEOMETRY = by('kind', { offset: OFFSET, connector: CONNECTOR, 'made-up': MADE_UP }, ALONG);
/** How a leg goes; other geometries join as kinds of their own. */
export type LegGeometry = TypeOf<typeof GEOMETRY>;

const shape = entry({
  from: idOf,
  to: otherThan('from', ID),
  geometry: GEOMETRY,
  /** What it is made of: its settings stand in `specs`. */
  system: oneOf(SYSTEMS),
  /** Order among the legs that leave a node. */
  rank: pattern(/^[0-9A-Za-z]{1,60}$/),
  /** The number chalked on the piece: given once, never moved by an edit elsewhere. */
  tag: whole(1, LIMITS.tag),
});

/** A straight way from node to node, drawn from → to; which way the gas flows follows from the source anchor. */
export type LegRecord = TypeOf<typeof shape>;

export const LEGS = recordKind<LegRecord>(shape, 12_000, {
  refersTo: ({ id, from, to, system }) => [
    { to: 'nodes', id: from },
    { to: 'nodes', id: to },
    { to: 'specs', id: getSpecId(id, system) },
  ],
});
