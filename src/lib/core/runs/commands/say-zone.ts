import { accept, refuse, type Result } from '#core/outcome';
import type { ZoneId } from '#core/permissions';
import type { Op, PlannedChange } from '#core/runs/changes';
import { type RunDoc, SAID_OF } from '#core/runs/document';
import type { UnknownLeg } from './change-measure.ts';
import { insertOp, sayOf } from './make-op.ts';

/** Plans where legs run; null: it is not said any more. Those that run there already are left. Refuses a leg the run does not have. */
export function planSayZone(
  doc: RunDoc,
  legs: readonly string[],
  zone: ZoneId | null,
): Result<PlannedChange, UnknownLeg> {
  const ops: Op[] = [];
  for (const leg of legs) {
    if (!Object.hasOwn(doc.legs, leg)) return refuse({ code: 'leg-unknown', leg });
    ops.push(...sayOf(doc, 'zones', leg, zone && { zone }));
  }
  const [only] = legs;
  const tag = legs.length === 1 ? doc.legs[only!]!.tag : null;
  return accept({ label: { command: 'say-zone', leg: tag, turn: null }, ops });
}

/** What is said of a leg that takes the place of a part of another: what was said of that. */
export const copySaid = (doc: RunDoc, from: string, to: string): Op[] =>
  SAID_OF.flatMap((collection) => {
    const said = Object.hasOwn(doc[collection], from) ? doc[collection][from]! : null;
    return said ? [insertOp(collection, { ...said, id: to })] : [];
  });
