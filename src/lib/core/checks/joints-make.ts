import { isForbidden, type JudgedJoint } from '../joints/house-ruling.ts';
import { getCraft } from '../materials/crafts.ts';
import { findJoint, findMadeUp, judgePorts } from '../runs/bodies.ts';
import { isSameJson, type Json } from '../outcome/json.ts';
import { listDistinctEnds } from '../runs/distinct-ends.ts';
import type { Finding } from './finding.ts';
import { findPort } from '../runs/fitting.ts';
import { getEnds } from '../runs/lay-out-run.ts';
import type { RunLayout } from '../runs/layout.ts';
import { getEndId } from '../runs/read-end.ts';
import type { Leg } from '../runs/run.ts';

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
  for (const { leg } of layout.legs.values()) {
    if (leg.geometry.kind === 'connector') tellConnector(leg);
    const made = leg.geometry.kind === 'made-up' ? findMadeUp(layout, leg) : null;
    const verdict = made && judgePorts(layout, made.goes[1], made.takes[1]);
    if (verdict && isWrong(verdict)) tell(getEndId(made.takes[0], leg.id), leg, verdict);
  }
  return [...findings, ...checkPicks(layout)];
}

function checkPicks({ chains, legs, nodes }: RunLayout): Finding[] {
  const mark = (leg: string): string => String(legs.get(leg)?.leg.tag ?? '?');
  const findings: Finding[] = chains.unfit.map(({ id, leg }) => ({
    code: 'transition-does-not-fit',
    severity: 'stop',
    subject: id,
    mark: mark(leg),
  }));
  for (const { pick, leg } of chains.at.values()) {
    const fitting = nodes.get(pick.station)?.fitting;
    const port = fitting ? findPort(fitting, leg.id) : null;
    const [before, after] = pick.forEnds;
    const isSame = (a: unknown, b: unknown): boolean => isSameJson(a as Json, b as Json);
    const isStale = (port && !isSame(before, port.end)) || !isSame(after, getCraft(leg).getEnd(leg, 'male'));
    if (isStale)
      findings.push({ code: 'transition-stale', severity: 'ask', subject: pick.id, mark: mark(leg.id) });
  }
  return findings;
}
