import type { ApplianceKind } from '#core/catalogue';
import type { End } from '#core/ends';
import type { Gas } from '#core/house-rules';
import type { GasInput, PressureRange, Length } from '#core/units';

/**
 * What an appliance says of itself on its plate and in its sheet, and what was found where it stands. Null is not known yet: it is
 * asked where it matters, and never guessed.
 */
export interface Plate {
  /** `own`: a kind of the shop's own naming. */
  readonly what: ApplianceKind | 'own' | null;
  /** What an own kind is called; empty for a listed one. */
  readonly ownKind: string;
  readonly input: GasInput | null;
  /** The gas it is set for. */
  readonly gas: Gas | null;
  /** Least and greatest pressure at its inlet. */
  readonly pressure: PressureRange | null;
  /** Whether a sediment trap is built into it, whether it is moved in use, whether it has a shut-off of its own. */
  readonly hasTrap: boolean | null;
  readonly moves: boolean | null;
  readonly hasShutOff: boolean | null;
  /** How far down it is to what stands under the drop (floor, shelf), as measured. */
  readonly floor: FloorBelow | null;
}

/** Whence a floor is measured: from the centre of the inlet, or of the end of the pipe where a flexible connector goes on from it. */
export const FLOOR_POINTS = ['inlet', 'pipe-end'] as const;
export type FloorPoint = (typeof FLOOR_POINTS)[number];

/** What stands under a drop, as far below a point of it (nm). */
export interface FloorBelow {
  readonly from: FloorPoint;
  readonly length: Length;
  readonly typed: string;
}

/** An appliance at the end of a run. Its inlet is null: as its leg needs it; measures to it are taken to its face (female) or end (male). */
export interface ApplianceEnd {
  readonly kind: 'appliance';
  readonly name: string;
  readonly inlet: End | null;
  readonly plate: Plate;
}

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
  inlet: End | null = null,
  plate: Partial<Plate> = {},
): ApplianceEnd => ({ kind: 'appliance', name, inlet, plate: { ...BLANK_PLATE, ...plate } });
