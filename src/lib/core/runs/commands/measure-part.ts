import type { Part, Port } from '#core/catalogue';
import { dot } from '#core/geometry';
import { isSameJson, accept, refuse, type Result } from '#core/outcome';
import type { Length } from '#core/units';
import type { PlannedChange } from '#core/runs/changes';
import type { OwnPart, RunDoc } from '#core/runs/document';
import { asJson, insertOp, removeOp } from './make-op.ts';
import type { NewId } from './new-ids.ts';

/** How a part is measured: end to end where both its ends are alike, otherwise one of its openings from the centre. */
export type PartMeasure =
  | { readonly endToEnd: Length }
  | { readonly port: string; readonly reach: Length }
  /** How far a tube goes in; of a flare 0: the reach was measured with a flared stub in place. */
  | { readonly port: string; readonly depth: Length };

/** A part whose two ends lie opposite is measured over all; half of it lies each side of its middle. */
export const isMeasuredEndToEnd = ({ join, kind, ports: [a, b, ...more] }: Part): boolean =>
  join === null &&
  !kind.endsWith('bushing') &&
  more.length === 0 &&
  !!a &&
  !!b &&
  dot(a.way, b.way) <= -1 + 1e-6;

export interface PartNotMeasured {
  readonly code: 'part-has-no-port';
  readonly part: string;
  readonly port: string;
}

/**
 * Plans the length of a part as this shop measured it (nm, and as typed), in place of the catalogue's figure: from then on
 * every such part of the run counts with it. Null takes the measured lengths back.
 */
export function planMeasurePart(
  doc: RunDoc,
  part: Part,
  measured: PartMeasure | null,
  said: { readonly typed: string; readonly by: string },
  newId: NewId,
): Result<PlannedChange, PartNotMeasured> {
  const before = Object.values(doc.ownParts).find(({ of }) => of === part.id) ?? null;
  const label = { command: 'measure-part', leg: null, turn: null } as const;
  if (measured === null) return accept({ label, ops: before ? [removeOp('ownParts', before)] : [] });
  if ('port' in measured && !part.ports.some(({ id }) => id === measured.port)) {
    return refuse({ code: 'part-has-no-port', part: part.id, port: measured.port });
  }
  const reaches =
    'endToEnd' in measured
      ? halve(part, measured.endToEnd)
      : { ...before?.reaches, ...('reach' in measured ? spread(part, measured.port, measured.reach) : {}) };
  const deeper = 'depth' in measured ? spread(part, measured.port, measured.depth) : {};
  const depths = { ...before?.depths, ...deeper };
  const own: OwnPart = { id: before?.id ?? newId(), of: part.id, reaches, depths, ...said };
  if (!before) return accept({ label, ops: [insertOp('ownParts', own)] });
  const place = { in: 'ownParts', id: before.id } as const;
  return accept({ label, ops: [{ op: 'replace', ...place, old: asJson(before), value: asJson(own) }] });
}

/** What is measured of one opening of a fitting for tube holds for all of it that are alike; a threaded one is measured port by port. */
function spread({ join, ports }: Part, port: string, length: Length): Record<string, Length> {
  const measured = ports.find(({ id }) => id === port)!;
  const isAlike = ({ id, end }: Port): boolean =>
    id === port || (join !== null && isSameJson(asJson(end), asJson(measured.end)));
  return Object.fromEntries(ports.filter(isAlike).map(({ id }) => [id, length]));
}

/** Both halves add up to the whole, to the nanometre. */
function halve({ ports }: Part, endToEnd: Length): Record<string, Length> {
  const half = Math.floor(endToEnd / 2);
  return Object.fromEntries(ports.map(({ id }, i) => [id, i === 0 ? half : endToEnd - half]));
}
