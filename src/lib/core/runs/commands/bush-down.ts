import type { Catalogue } from '#core/catalogue';
import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import { getCraft } from '#core/materials';
import { findShape, inferFitting } from '#core/runs/fittings';
import { findWayFrom, type Leg, type RunDoc } from '#core/runs/document';
import { findNextTag, makeNode } from './add-leg.ts';
import { findLegsAt } from './leg-ways.ts';
import { insertLeg, insertOp, setOp } from './make-op.ts';
import type { NewId } from './new-ids.ts';

export interface NothingToBush {
  readonly code: 'nothing-to-bush';
  readonly node: string;
}

/**
 * Plans the nearest fitting that is made, and a bushing in each of its openings that is larger than the leg there. The
 * measures stay as they were taken, from centre to centre over the bushing. Refuses where a fitting is made as it is, and
 * where none comes near.
 *
 *     tee ──1/2 pipe──      tee =3/4 male= bushing ──1/2 pipe──
 */
export function planBushDown(
  doc: RunDoc,
  node: string,
  catalogue: Catalogue,
  newId: NewId,
): Result<PlannedChange, NothingToBush> {
  const at = Object.hasOwn(doc.nodes, node) ? doc.nodes[node]! : null;
  const legs = findLegsAt(doc, node);
  const fitting = at && inferFitting(at, legs, catalogue);
  const shape = at && findShape(at, legs);
  if (
    fitting?.kind !== 'none' ||
    fitting.refusal.code !== 'fitting-unequal-sizes' ||
    !legs.every((leg) => getCraft(leg).screws) ||
    !fitting.refusal.nearest ||
    !shape ||
    shape === 'open' ||
    'code' in shape
  ) {
    return refuse({ code: 'nothing-to-bush', node });
  }
  const { nearest } = fitting.refusal;
  const ops: Op[] = [];
  let tag = findNextTag(doc);
  for (const [i, leg] of shape.legs.entries()) {
    const size = nearest[i]!;
    const way = findWayFrom(leg, node);
    if (size === leg.size || way === null) continue;
    const bushing = newId();
    const made: Leg = {
      id: newId(),
      from: node,
      to: bushing,
      geometry: { kind: 'made-up', axis: way, male: 'to' },
      size,
      system: leg.system,
      material: leg.material,
      stock: leg.stock,
      inline: {},
      rank: leg.rank,
      tag: tag++,
    };
    ops.push(
      insertOp('nodes', makeNode(bushing, null)),
      ...insertLeg(made),
      setOp('legs', leg, leg.from === node ? 'from' : 'to', bushing),
    );
  }
  if (ops.length === 0) return refuse({ code: 'nothing-to-bush', node });
  return accept({ label: { command: 'bush-down', leg: legs[0]?.tag ?? null, turn: null }, ops });
}
