import { makeSettings } from '#core/materials';
import { findLeg, type Leg, type RunDoc } from '#core/runs/document';
import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import { findNextTag, findRank, makeMeasure, makeNode, type NewLeg } from './add-leg.ts';
import type { UnknownLeg } from './change-measure.ts';
import { findMeasures, repoint } from './find-own-measures.ts';
import { checkWay, findLegsAt, type WayRefusal } from './leg-ways.ts';
import { insertLeg, insertOp, setOp } from './make-op.ts';
import type { NewId } from './new-ids.ts';

/**
 * Plans a leg between an existing leg and what hangs on one of its ends (`end`, a node): the leg now ends at a new
 * fitting, the new leg goes from there to the old one, and everything beyond moves along unchanged.
 *
 *     A ── leg ── end ──…      A ── leg ── new node ── new leg ── end ──…
 */
export function planInsertLeg(
  doc: RunDoc,
  leg: string,
  end: string,
  inserted: Omit<NewLeg, 'from' | 'terminal'>,
  newId: NewId,
): Result<PlannedChange, UnknownLeg | WayRefusal> {
  const before = findLeg(doc, leg);
  if (!before || (before.from !== end && before.to !== end)) return refuse({ code: 'leg-unknown', leg });
  const between = newId();
  const made: Leg = {
    id: newId(),
    from: between,
    to: end,
    geometry: inserted.geometry,
    ...makeSettings(inserted.material, inserted.size),
    inline: {},
    rank: findRank(doc, between),
    tag: findNextTag(doc),
  };
  const side = before.from === end ? 'from' : 'to';
  const moved: Leg = { ...before, [side]: between };
  const others = findLegsAt(doc, end).filter(({ id }) => id !== leg);
  const refusal = checkWay(doc, made, between, [moved]) ?? checkWay(doc, made, end, others);
  if (refusal) return refuse(refusal);
  const ops: Op[] = [
    insertOp('nodes', makeNode(between, null)),
    setOp('legs', before, side, between),
    ...insertLeg(made),
    ...findMeasures(doc, before).flatMap((measure) => {
      const { from, to } = repoint(measure, end, between);
      return [
        ...(from === measure.from ? [] : [setOp('measures', measure, 'from', from)]),
        ...(to === measure.to ? [] : [setOp('measures', measure, 'to', to)]),
      ];
    }),
  ];
  if (inserted.measure) ops.push(insertOp('measures', makeMeasure(newId(), between, end, inserted.measure)));
  return accept({ label: { command: 'insert-leg', leg: made.tag, turn: null }, ops });
}
