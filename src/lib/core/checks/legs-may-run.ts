import type { Jurisdiction } from '../house-rules/jurisdictions.ts';
import type { Severity } from '../outcome/severity.ts';
import { mayJoin, mayRun, type Permission } from '../permissions/permissions.ts';
import type { Permit } from '../permissions/permission.ts';
import type { ZoneId } from '../permissions/zone.ts';
import { assemble } from '../runs/bodies.ts';
import { isEmpty } from '../runs/is-empty.ts';
import type { RunLayout } from '../runs/layout.ts';
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
  const { doc, legs, nodes, rules, chains } = layout;
  if (isEmpty(doc.zones)) return [];
  const placed: Placed[] = [];
  const put = (leg: string, what: Placeable): void => {
    const zone = doc.zones[leg]?.zone;
    const laid = legs.get(leg);
    if (zone === undefined || !laid) return;
    const where = { zone, jurisdiction, rules };
    const permission =
      what.kind === 'pipe' ? mayRun({ what: what.pipe, ...where }) : mayJoin({ what: what.joint, ...where });
    placed.push({ leg, mark: String(laid.leg.tag), zone, what, permission });
  };
  for (const { id, leg } of legs.values())
    if (leg.geometry.kind === 'connector') put(id, { kind: 'joint', joint: 'connector' });
    else put(id, { kind: 'pipe', pipe: leg.material });
  for (const { fitting } of nodes.values()) {
    if (fitting.kind !== 'part' || !fitting.part.kind.endsWith('bushing')) continue;
    for (const { id } of fitting.legs) put(id, { kind: 'joint', joint: 'bushing' });
  }
  for (const { leg, links } of chains.at.values())
    if (links.some(({ part }) => part.kind.endsWith('bushing')))
      put(leg.id, { kind: 'joint', joint: 'bushing' });
  for (const { kind, leg } of assemble(layout).joints)
    if (kind !== null && leg !== null) put(leg, { kind: 'joint', joint: kind });
  return placed;
}

/**
 * What may not run where it does, what may on conditions, and what has to be asked: once for all legs of which the same is to be said.
 * Of a leg of which nobody said where it runs nothing is said here.
 */
export function checkLegsMayRun(layout: RunLayout, jurisdiction: Jurisdiction): Finding[] {
  const said = new Map<string, Extract<Finding, { code: 'place' }> & { readonly marks: string[] }>();
  const placed = listPlaced(layout, jurisdiction);
  const ofPipe = new Map(
    placed.flatMap(({ leg, what, permission }) => (what.kind === 'pipe' ? [[leg, permission]] : [])),
  );
  for (const { leg, mark, zone, what, permission } of placed) {
    if (permission.permit === 'allowed') continue;
    // What is said of the pipe already is not said of each of its joints.
    const { reason } = permission;
    if (what.kind === 'joint' && reason !== null && ofPipe.get(leg)?.reason === reason) continue;
    const key = `${zone} ${what.kind} ${what.kind === 'pipe' ? what.pipe : what.joint}`;
    const before = said.get(key);
    if (before) {
      if (!before.marks.includes(mark)) before.marks.push(mark);
      continue;
    }
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
