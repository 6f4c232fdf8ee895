import type { Op } from '#core/runs/changes';
import type { Fields } from './versions/step.ts';
import { STEPS } from './versions/steps.ts';

/*
 * Older versions of what is stored, carried up to the present one (`versions/`, a step a version). What events are about has kept its name in
 * every version. A test replays histories of every version to their snapshot. Damaged values are left as they are, and the schema says where.
 */

/** A document of any version in the form of the present one; what is none, and what is newer, as it is. */
export function carryUpDocument(doc: Fields): Fields {
  let carried = doc;
  for (
    let version = doc['schema'];
    typeof version === 'number' && STEPS[version];
    version = carried['schema']
  )
    carried = { ...STEPS[version]!.document(carried), schema: version + 1 };
  return carried;
}

/** Operations of any version in the form of the present one. */
export const carryUpOps = (ops: readonly Op[]): Op[] =>
  Object.values(STEPS).reduce<readonly Op[]>(
    (carried, { operation }) => carried.flatMap(operation),
    ops,
  ) as Op[];
