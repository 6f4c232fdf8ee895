import { whole, type TypeOf } from '#core/shapes';
import { entry, saidKind } from './record-kind.ts';

const shape = entry({ degrees: whole(0, 359) });

/**
 * Which way a trench goes on the ground, in whole degrees clockwise from north, under its leg's own id: for the sketch, nothing is worked
 * out from it.
 */
export type Bearing = TypeOf<typeof shape>;

export const BEARINGS = saidKind<Bearing>(shape, 12_000, 'legs');
