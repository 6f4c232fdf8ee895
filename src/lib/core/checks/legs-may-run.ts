import type { Site } from './site.ts';
import { getZoneOf, isEmpty } from '#core/runs/document';
import type { Jurisdiction } from '#core/house-rules';
import type { Severity } from '#core/outcome';
import type { PartKind, PartPlaced } from '#core/catalogue';
import { getCraft } from '#core/materials';
import {
  mayJoin,
  mayRun,
  mayStand,
  type Permission,
  type Permit,
  type PlaceQuestion,
  getJointPlaced,
  getPartPlaced,
  type BodyPlaced,
  type JointPlaced,
  type ZoneId,
} from '#core/permissions';
import { hasGroundPipe, isInGround } from '#core/runs/reading';
import type { LaidLeg } from '#core/runs/pieces';
import {
  getStretches,
  listJointsOf,
  perStretch,
  type LegStretch,
  type NodeStretch,
  type RunLayout,
} from '#core/runs/layout';
import type { Finding, Placeable } from './finding.ts';

const SEVERITIES: Readonly<Record<Exclude<Permit, 'allowed'>, Severity>> = {
  forbidden: 'stop',
  ask: 'ask',
  if: 'note',
};

/** Pipe, a joint or a part where somebody said that its leg runs, and whether it may be there. */
export interface Placed {
  readonly leg: string;
  readonly mark: string;
  readonly zone: ZoneId;
  readonly what: Placeable;
  readonly permission: Permission;
}

/** All that stands where it was said to run, with the answer for each; a leg of which nobody said it has none. */
export function listPlaced(layout: RunLayout, jurisdiction: Jurisdiction): readonly Placed[] {
  const { doc, rules, chains } = layout;
  const stretches = getStretches(layout);
  if (isEmpty(doc.zones) && !isInGround(layout)) return [];
  const placed: Placed[] = [];
  /** Legs of which somebody said it: of most runs few, and nothing is asked of the others. */
  const zoned = new Map<string, { readonly laid: LaidLeg; readonly zone: ZoneId }>();
  const said = new Set(Object.keys(doc.zones));
  for (const stretch of stretches.legs) {
    if (!hasGroundPipe(stretch, layout) && !meet(said, listIds(stretch, layout))) continue;
    for (const laid of stretch.legs) {
      const zone = getZoneOf(layout, laid.leg);
      if (zone) zoned.set(laid.id, { laid, zone });
    }
  }
  const put = (leg: string, what: Placeable): void => {
    const { laid, zone } = zoned.get(leg)!;
    const permission = judgePlaced(what, { zone, jurisdiction, rules });
    placed.push({ leg, mark: String(laid.leg.tag), zone, what, permission });
  };
  const putPart = (leg: string, kind: PartKind): void => {
    const part = zoned.has(leg) ? getPartPlaced(kind) : null;
    if (part !== null) put(leg, { kind: 'part', part });
  };
  for (const { laid } of zoned.values()) {
    const { id, leg, inline } = laid;
    if (leg.geometry.kind === 'connector') put(id, { kind: 'part', part: 'connector' });
    else put(id, { kind: 'pipe', pipe: leg.material });
    for (const { id: part } of inline) if (leg.inline[part]) putPart(id, leg.inline[part].part);
  }
  const placedAt = stretches.nodes.filter((stretch) => meet(zoned, listMet(stretch, layout)));
  for (const { fitting, node, legs: met } of placedAt.flatMap(({ nodes }) => nodes)) {
    if (!met.some(({ id }) => zoned.has(id))) continue;
    // A pipe that is for the ground ends in it, in a cap that is melted or stabbed on for good.
    const isOfGround = met.some((leg) => getCraft(leg).isForGround);
    const { terminal } = node;
    if (fitting.kind === 'part') for (const { id } of met) if (!isOfGround) putPart(id, fitting.part.kind);
    if (fitting.kind !== 'part' && (terminal?.kind === 'cap' || terminal?.kind === 'plug') && !isOfGround)
      for (const { id } of met) putPart(id, 'cap');
  }
  for (const { leg, links } of chains.at.values()) for (const { part } of links) putPart(leg.id, part.kind);
  for (const { kind, leg } of listJointsOf(layout, zoned)) {
    const { laid } = zoned.get(leg!)!;
    // The seat of a union is said with the union.
    if (kind !== null && kind !== 'union')
      put(laid.id, { kind: 'joint', joint: getJointPlaced(kind, laid.leg.material) });
  }
  return placed;
}

const listIds = perStretch(({ legs }: LegStretch): ReadonlySet<string> => new Set(legs.map(({ id }) => id)));
const listMet = perStretch(
  ({ nodes }: NodeStretch): ReadonlySet<string> =>
    new Set(nodes.flatMap(({ legs }) => legs.map(({ id }) => id))),
);

type Ids = ReadonlySet<string> | ReadonlyMap<string, unknown>;
/** Whether some id is in both: the fewer are asked for among the more. */
function meet(a: Ids, b: Ids): boolean {
  const [fewer, more] = a.size < b.size ? [a, b] : [b, a];
  for (const id of fewer.keys()) if (more.has(id)) return true;
  return false;
}

function judgePlaced(what: Placeable, where: Omit<PlaceQuestion, 'what'>): Permission {
  if (what.kind === 'pipe') return mayRun({ what: what.pipe, ...where });
  return what.kind === 'part'
    ? mayStand({ what: what.part, ...where })
    : mayJoin({ what: what.joint, ...where });
}

/** The name of what is placed, of whichever kind. */
export const getPlacedId = (what: Placeable): BodyPlaced | JointPlaced | PartPlaced =>
  what.kind === 'pipe' ? what.pipe : what.kind === 'part' ? what.part : what.joint;

/**
 * What may not run where it does, what may on conditions, and what has to be asked: once for all legs of which the same is to be said.
 * Of a leg of which nobody said where it runs nothing is said here.
 */
export function checkLegsMayRun(layout: RunLayout, { jurisdiction }: Site): Finding[] {
  const said = new Map<string, Extract<Finding, { code: 'place' }> & { readonly marks: string[] }>();
  const marked = new Map<string, Set<string>>();
  const placed = listPlaced(layout, jurisdiction);
  const ofPipe = new Map(
    placed.flatMap(({ leg, what, permission }) => (what.kind === 'pipe' ? [[leg, permission]] : [])),
  );
  for (const { leg, mark, zone, what, permission } of placed) {
    if (permission.permit === 'allowed') continue;
    // What is said of the pipe already is not said of each of its joints.
    const { reason } = permission;
    if (what.kind === 'joint' && reason !== null && ofPipe.get(leg)?.reason === reason) continue;
    // What the house says of a joint wherever it is, is said of the joint.
    if (reason === 'house-forbids' || reason === 'own-way') continue;
    const key = `${zone} ${what.kind} ${getPlacedId(what)}`;
    const before = said.get(key);
    if (before) {
      const isSaid = marked.get(key)!;
      if (!isSaid.has(mark)) before.marks.push(mark);
      isSaid.add(mark);
      continue;
    }
    marked.set(key, new Set([mark]));
    const severity = SEVERITIES[permission.permit];
    said.set(key, {
      code: 'place',
      severity,
      subject: leg,
      marks: [mark],
      zone,
      what,
      permission,
      jurisdiction,
    });
  }
  return [...said.values()];
}
