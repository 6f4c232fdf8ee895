import { expect } from 'chai';
import { layOut, makeRun } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { evaluateWorking, explain } from './explain.ts';
import { findEnd, findPiece, getEnds } from './lay-out-run.ts';

const CHOICES = [
  {},
  { 'length-method': { option: 'face-plus-make-in' } },
  { 'length-method': { option: 'centre-minus-allowances' }, 'tape-rounding': { option: '1 mm' } },
  { 'engagement-figure': { option: 'hand-tight-plus-turns', upTo2in: 2.5, above2in: 2 } },
] as const;

describe('explain', () => {
  for (const choices of CHOICES) {
    it(`gives workings that come out at the numbers shown, under ${JSON.stringify(choices)}`, () => {
      const layout = layOut({ ...makeRandomRun(50, 3), ruleChoices: choices });
      for (const id of [
        ...[...layout.pieces.values()].map((piece) => piece.id),
        ...[...getEnds(layout)].map((end) => end.id),
      ]) {
        const explanation = explain(layout, id);
        if (!explanation) {
          expect(findEnd(layout, id)?.joint, id).to.equal(null);
          continue;
        }
        for (const working of explanation.workings) {
          expect(evaluateWorking(working)).to.be.closeTo(working.result.value, 1e-9);
        }
        const tape = explanation.workings.at(-1)!;
        if (explanation.about === 'piece') {
          expect(tape.result.value).to.equal(findPiece(layout, id)!.cut!.onTape.length);
        }
      }
    });
  }

  it('shows both roads to a cut by default, and names the rule that chose them', () => {
    const layout = layOut(
      makeRun([
        [0, 'up', 30],
        [1, 'right', 43.25],
        [2, 'down', 20],
      ]),
    );
    const piece = [...layout.pieces.values()][1]!.id;
    const formulas = explain(layout, piece)!.workings.map(({ formula, rule }) => [formula, rule]);
    expect(formulas).to.deep.equal([
      ['cut-by-allowances', 'length-method'],
      ['face-to-face', null],
      ['cut-by-make-in', 'length-method'],
      ['on-tape', 'tape-rounding'],
    ]);
  });

  it('gives every published figure its source', () => {
    const layout = layOut(
      makeRun([
        [0, 'up', 30],
        [1, 'right', 43.25],
      ]),
    );
    const joint = [...getEnds(layout)].find((end) => end.joint)!;
    const sources = explain(layout, joint.id)!.workings.flatMap(({ terms }) =>
      terms.flatMap(({ quantity, provenance }) => (provenance ? [`${quantity}: ${provenance.source}`] : [])),
    );
    expect(sources).to.include.members([
      'engagement: shop table of normal engagement',
      'reach: ASME B16.3',
      'hand-tight: ASME B1.20.1',
      'thread-length: fuel gas code, threads to be cut',
    ]);
  });

  it('has no explanation for an id that is not there', () => {
    expect(explain(layOut(makeRun([[0, 'up', 30]])), 'nosuch')).to.equal(null);
  });
});
