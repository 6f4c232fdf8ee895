import { expect } from 'chai';
import { layOut, makeRun } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { checkRun } from './checks.ts';
import { NO_FACTS } from '#core/runs/changes';
import { getPieces, layOutRun } from '#core/runs/layout';
import { findNextStep, getStanding, type NextStep, type RunStanding } from './standing.ts';

const NOWHERE: RunStanding = { legs: 0, unmeasured: 0, stops: 0, asks: 0, pieces: 0, cut: 0, unknown: 0 };
const CUT_BY = { by: 'A', at: '', event: 'e' };

describe('how a run stands', () => {
  it('counts nothing of an empty run', () => {
    const layout = layOut(makeRun([]));
    expect(getStanding(layout, checkRun(layout))).to.deep.equal(NOWHERE);
  });

  it('counts legs without a length, and their pieces as of unknown length', () => {
    const doc = makeRun([
      [0, 'right', 40],
      [1, 'up', 30],
    ]);
    const [measure] = Object.keys(doc.measures);
    const { [measure!]: taken, ...measures } = doc.measures;
    expect(taken).to.not.equal(undefined);
    const layout = layOut({ ...doc, measures });
    expect(getStanding(layout, checkRun(layout))).to.include({
      legs: 2,
      unmeasured: 1,
      pieces: 2,
      unknown: 1,
      cut: 0,
    });
  });

  it('counts a piece as cut once, ticked off or cut otherwise or both', () => {
    const doc = makeRandomRun(30, 7);
    const pieces = [...getPieces(layOut(doc))];
    const ticked = new Map(pieces.slice(0, 5).map(({ id }) => [id, CUT_BY]));
    const asCut = new Map(pieces.slice(3, 9).map(({ id }) => [id, { ...CUT_BY, length: 1 }]));
    const before = layOut(doc);
    const layout = layOutRun(doc, before.catalogue, before.rules, { ...NO_FACTS, ticked, asCut });
    const standing = getStanding(layout, checkRun(layout));
    expect(standing).to.include({ legs: 30, pieces: pieces.length, cut: 9 });
  });

  it('counts every finding by its severity', () => {
    const layout = layOut(makeRandomRun(60, 11));
    const findings = checkRun(layout);
    const count = (wanted: string) => findings.filter(({ severity }) => severity === wanted).length;
    const { stops, asks } = getStanding(layout, findings);
    expect({ stops, asks }).to.deep.equal({ stops: count('stop'), asks: count('ask') });
  });

  const whole: RunStanding = { ...NOWHERE, legs: 3, pieces: 3 };
  const CASES: readonly [name: string, standing: RunStanding, next: NextStep][] = [
    ['nothing is there', NOWHERE, 'lay-out'],
    ['a leg is not measured, whatever else', { ...whole, unmeasured: 1, stops: 2, asks: 1 }, 'measure'],
    ['something stops', { ...whole, stops: 1, asks: 1, cut: 3 }, 'settle'],
    ['something is asked', { ...whole, asks: 1, cut: 1 }, 'ask'],
    ['pieces are to cut', { ...whole, cut: 2 }, 'cut'],
    ['all is cut', { ...whole, cut: 3 }, 'make-up'],
  ];
  for (const [name, standing, next] of CASES)
    it(`next comes ${next} where ${name}`, () => expect(findNextStep(standing)).to.equal(next));
});
