import { APPLIANCE_KINDS } from '#core/catalogue';
import { endOfKinds, type End } from '#core/ends';
import { GASES } from '#core/house-rules';
import {
  fields,
  flag,
  lengthOrNone,
  LIMITS,
  number,
  numberAbove,
  oneOf,
  orNull,
  text,
  textOrNone,
  type Shape,
  type TypeOf,
} from '#core/shapes';
import { INPUT_BASES, INPUT_UNITS, parseGasInput, PRESSURE_UNITS } from '#core/units';

const INLET: Shape<End> = endOfKinds('thread', 'unknown');
const yesNo = orNull(flag);
const pressure = numberAbove(0, 1000);

/** What was typed reads as the figure that is kept, so that neither can say something else. */
const INPUT = fields(
  {
    amount: number(null, null),
    unit: oneOf(INPUT_UNITS),
    basis: orNull(oneOf(INPUT_BASES)),
    typed: text(LIMITS.typed),
  },
  ({ typed, amount, unit }) => {
    const read = parseGasInput(typed);
    return read.ok && read.value.amount === amount && read.value.unit === unit;
  },
);

/** Whence a floor is measured: from the centre of the inlet, or of the end of the pipe where a flexible connector goes on from it. */
export const FLOOR_POINTS = ['inlet', 'pipe-end'] as const;
export type FloorPoint = (typeof FLOOR_POINTS)[number];

/** What stands under a drop, as far below a point of it (nm). */
const FLOOR = fields({
  from: oneOf(FLOOR_POINTS),
  length: lengthOrNone,
  typed: textOrNone(LIMITS.typed),
});
export type FloorBelow = TypeOf<typeof FLOOR>;

const PLATE = fields(
  {
    /** `own`: a kind of the shop's own naming. */
    what: orNull(oneOf([...APPLIANCE_KINDS, 'own'])),
    /** What an own kind is called; empty for a listed one. */
    ownKind: textOrNone(LIMITS.name),
    input: orNull(INPUT),
    /** The gas it is set for. */
    gas: orNull(oneOf(GASES)),
    /** Least and greatest pressure at its inlet. */
    pressure: orNull(
      fields(
        { least: pressure, greatest: pressure, unit: oneOf(PRESSURE_UNITS) },
        ({ least, greatest }) => least <= greatest,
      ),
    ),
    /** Whether a sediment trap is built into it, whether it is moved in use, whether it has a shut-off of its own. */
    hasTrap: yesNo,
    moves: yesNo,
    hasShutOff: yesNo,
    /** How far down it is to what stands under the drop (floor, shelf), as measured. */
    floor: orNull(FLOOR),
  },
  // An own kind has a name, a listed one needs none.
  ({ what, ownKind }) => (what === 'own') === (ownKind !== ''),
);

/**
 * What an appliance says of itself on its plate and in its sheet, and what was found where it stands. Null is not known yet: it is
 * asked where it matters, and never guessed.
 */
export type Plate = TypeOf<typeof PLATE>;

/** An appliance at the end of a run. Its inlet is null: as its leg needs it; measures to it are taken to its face (female) or end (male). */
export const APPLIANCE = fields({
  kind: oneOf(['appliance']),
  name: text(LIMITS.name),
  inlet: orNull(INLET),
  plate: PLATE,
});
export type ApplianceEnd = TypeOf<typeof APPLIANCE>;

/** Nothing read off it yet. */
export const BLANK_PLATE: Plate = {
  what: null,
  ownKind: '',
  input: null,
  gas: null,
  pressure: null,
  hasTrap: null,
  moves: null,
  hasShutOff: null,
  floor: null,
};

/** An appliance of which no more than its name is said, or its inlet and what of its plate was read. */
export const newAppliance = (
  name: string,
  inlet: ApplianceEnd['inlet'] = null,
  plate: Partial<Plate> = {},
): ApplianceEnd => ({ kind: 'appliance', name, inlet, plate: { ...BLANK_PLATE, ...plate } });
