import { checkRun, getStanding } from '#core/checks';
import { makeCutSheet } from '#core/cutting';
import type { Jurisdiction } from '#core/house-rules';
import type { RunLayout } from '#core/runs/layout';
import { listSupports } from '#core/supports';
import { getMarks, layTape } from '#core/tape';
import { listDrops, judgeDrop } from '#core/traps';
import type { LengthUnit } from '#core/units';
import { describeRun } from '#words/describe-run.ts';
import { sayFinding } from '#words/findings.ts';
import { sayPipeTotal, sayUnknownCuts } from '#words/pipe-totals.ts';
import { listPlaceLines } from '#words/place-lines.ts';
import { sayChecked, sayMade, sayMeasured } from '#words/standing.ts';
import { saySpacing } from '#words/supports.ts';
import { listMark } from '#words/tape.ts';
import { sayTightness } from '#words/tightness.ts';
import { sayTrap } from '#words/traps.ts';
import { sayTubeJoint, sayTubeSheet, sayTubeWay } from '#words/tube.ts';

/** Everything that is said of a run in a job, sentence by sentence: on its screens and on its papers. */
export function* sayRun(layout: RunLayout, jurisdiction: Jurisdiction, unit: LengthUnit): Generator<string> {
  const site = { gas: 'natural', jurisdiction } as const;
  const findings = checkRun(layout, site);
  for (const finding of findings) yield sayFinding(finding, unit);
  for (const { lines } of listPlaceLines(layout, jurisdiction, unit)) yield* lines;
  for (const each of listSupports(layout, jurisdiction)) yield saySpacing(each, unit);
  const sheet = makeCutSheet(layout);
  for (const total of sheet.sizes) {
    yield sayPipeTotal(total, unit, unit === 'in' ? '21 ft' : '6 m') ?? '';
    yield sayUnknownCuts(total);
  }
  const graduation = layout.rules['tape-rounding'].option;
  for (const { piece, tube } of sheet.rows) {
    yield sayTubeWay(piece, unit);
    if (tube && piece.cut) yield sayTubeSheet(tube, piece.cut.onTape.length, unit, graduation);
    for (const { joint, thread } of piece.ends) {
      if (joint && !thread) yield sayTubeJoint(joint, unit);
      if (joint?.tightness) yield sayTightness(joint.tightness);
    }
  }
  for (const drop of listDrops(layout)) {
    const { headline, further } = judgeDrop(drop);
    for (const { finding } of [headline, ...further]) yield sayTrap(finding, unit);
  }
  const standing = getStanding(layout, findings);
  yield sayMeasured(standing);
  yield sayChecked(standing);
  yield sayMade(standing);
}

/** What is said of a run's line and of the tape on each of its legs: with the lengths as they were measured. */
export function* sayLine(layout: RunLayout, unit: LengthUnit): Generator<string> {
  yield* describeRun(layout, unit);
  for (const leg of layout.legs.keys()) yield* listMarks(layout, leg, unit);
}

/** The marks of the tape on a leg, as they stand in the list to pick from. */
export function listMarks(layout: RunLayout, leg: string, unit: LengthUnit): string[] {
  const tape = layTape(layout, leg);
  if (!tape) return [];
  return getMarks(tape).map((mark) => {
    const station = tape.stations.find(({ id }) => id === mark.ref.id) ?? null;
    return listMark(layout, mark, station, unit);
  });
}
