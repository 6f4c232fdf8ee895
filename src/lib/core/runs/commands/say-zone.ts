import { accept, refuse, type Result } from '../../outcome/result.ts';
import type { ZoneId } from '../../permissions/zone.ts';
import type { Op, PlannedChange } from '../change.ts';
import type { RunDoc } from '../run.ts';
import type { UnknownLeg } from './change-measure.ts';
import { insertOp, removeOp, setOp } from './make-op.ts';

/** Plans where legs run; null: it is not said any more. Those that run there already are left. Refuses a leg the run does not have. */
export function planSayZone(
  doc: RunDoc,
  legs: readonly string[],
  zone: ZoneId | null,
): Result<PlannedChange, UnknownLeg> {
  const ops: Op[] = [];
  for (const leg of legs) {
    if (!Object.hasOwn(doc.legs, leg)) return refuse({ code: 'leg-unknown', leg });
    const before = Object.hasOwn(doc.zones, leg) ? doc.zones[leg]! : null;
    if ((before?.zone ?? null) === zone) continue;
    if (zone === null) ops.push(removeOp('zones', before!));
    else
      ops.push(
        before
          ? setOp('zones', before, 'zone', zone)
          : insertOp('zones', { id: leg, zone } as { id: string }),
      );
  }
  const [only] = legs;
  const tag = legs.length === 1 ? doc.legs[only!]!.tag : null;
  return accept({ label: { command: 'say-zone', leg: tag, turn: null }, ops });
}

/** Where a leg runs that takes the place of a part of another: where that runs. */
export const copyZone = (doc: RunDoc, from: string, to: string): Op[] =>
  Object.hasOwn(doc.zones, from) ? [insertOp('zones', { ...doc.zones[from]!, id: to })] : [];
