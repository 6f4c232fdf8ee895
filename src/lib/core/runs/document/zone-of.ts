import { getCraft } from '#core/materials';
import type { ZoneId } from '#core/permissions';
import type { Leg, RunDoc } from './run.ts';

/**
 * Where a leg runs: what was said of it; of pipe that is for the ground alone, the ground, unless somebody said otherwise. Null where
 * nothing says it: it is asked.
 */
export const getZoneOf = ({ doc }: { readonly doc: Pick<RunDoc, 'zones'> }, leg: Leg): ZoneId | null =>
  doc.zones[leg.id]?.zone ?? (getCraft(leg).isForGround ? 'buried' : null);
