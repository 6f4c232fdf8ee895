import { ZONES } from '#core/permissions';
import { oneOf, type TypeOf } from '#core/shapes';
import { entry, saidKind } from './record-kind.ts';

const shape = entry({ zone: oneOf(ZONES) });

/** The place a leg runs in, under the leg's own id; of a leg that is not among them nobody said it. */
export type LegZone = TypeOf<typeof shape>;

export const ZONE_RECORDS = saidKind<LegZone>(shape, 12_000, 'legs');
