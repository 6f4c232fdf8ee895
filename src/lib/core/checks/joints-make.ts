import { isForbidden, type JudgedJoint } from '#core/joints';
import type { End } from '#core/ends';
import { getOwnEnd, findPort } from '#core/runs/fittings';
import {
  findJoint,
  findMadeUp,
  judgePorts,
  getEnds,
  getStretches,
  perStretch,
  type LegStretch,
  type RunLayout,
} from '#core/runs/layout';
import { isSameJson, type Json } from '#core/outcome';
import { listDistinctEnds } from '#core/runs/reading';
import type { Finding } from './finding.ts';
import { getEndId } from '#core/runs/measuring';
import type { Leg, Pick } from '#core/runs/document';

const isWrong = (verdict: JudgedJoint): boolean => verdict.joint === null || isForbidden(verdict);

/** Every joint makes, and the house allows it; every transition that was chosen goes where it was chosen for. */
export function checkJointsMake(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  const tell = (subject: string, leg: Leg, verdict: JudgedJoint): void => {
    findings.push({
      code: 'joint-does-not-make',
      severity: 'stop',
      subject,
      mark: String(leg.tag),
      verdict,
    });
  };
  const tellConnector = (leg: Leg): void => {
    for (const node of [leg.from, leg.to]) {
      const verdict = findJoint(layout, getEndId(node, leg.id))?.verdict;
      if (verdict && isWrong(verdict)) tell(getEndId(node, leg.id), leg, verdict);
    }
  };
  const isAnyWrong = listDistinctEnds(layout).some(({ joint }) => joint && isWrong(joint.verdict));
  for (const end of isAnyWrong ? getEnds(layout) : []) {
    if (end.joint && isWrong(end.joint.verdict))
      tell(end.id, layout.legs.get(end.leg)!.leg, end.joint.verdict);
  }
  const unusual = getStretches(layout).legs.flatMap((stretch) => listUnusual(stretch, layout));
  for (const { leg } of unusual) {
    if (leg.geometry.kind === 'connector') tellConnector(leg);
    const made = leg.geometry.kind === 'made-up' ? findMadeUp(layout, leg) : null;
    const verdict = made && judgePorts(layout, made.goes[1], made.takes[1]);
    if (verdict && isWrong(verdict)) tell(getEndId(made.takes[0], leg.id), leg, verdict);
  }
  return [...findings, ...checkPicks(layout)];
}

/** Legs without pipe. */
const listUnusual = perStretch(({ legs }: LegStretch) =>
  legs.filter(({ leg }) => leg.geometry.kind === 'connector' || leg.geometry.kind === 'made-up'),
);

function checkPicks({ chains, legs, nodes }: RunLayout): Finding[] {
  const mark = (leg: string): string => String(legs.get(leg)?.leg.tag ?? '?');
  const findings: Finding[] = chains.unfit.map(({ id, leg }) => ({
    code: 'transition-does-not-fit',
    severity: 'stop',
    subject: id,
    mark: mark(leg),
  }));
  const isSame = (a: unknown, b: unknown): boolean => isSameJson(a as Json, b as Json);
  const checkStale = (pick: Pick, found: readonly [End | null, End]): void => {
    if (found.every((end, i) => end === null || isSame(end, pick.forEnds[i]))) return;
    findings.push({ code: 'transition-stale', severity: 'ask', subject: pick.id, mark: mark(pick.leg) });
  };
  for (const { pick, leg } of chains.at.values()) {
    if (chains.standing.has(pick.station)) continue;
    const fitting = nodes.get(pick.station)?.fitting;
    const port = fitting ? findPort(fitting, leg.id) : null;
    checkStale(pick, [port && port.end, getOwnEnd(leg, pick.station)]);
  }
  for (const { pick } of chains.standing.values())
    checkStale(pick, [null, getOwnEnd(legs.get(pick.leg)!.leg, pick.station)]);
  return findings;
}
