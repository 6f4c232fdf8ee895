import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { applyPlan, layOut, makeIds, makeRun } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom, makeRandomRun } from '#support/random-run.ts';
import { share } from '#support/share.ts';
import { newRun } from '#core/runs/document';
import { evaluateWorking } from '#support/evaluate-working.ts';
import { explain } from './explain.ts';
import { findEnd, findPiece, getEnds, getPieces } from '#core/runs/layout';

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
        ...[...getPieces(layout)].map((piece) => piece.id),
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

  it('comes out at the numbers shown whatever was done to a run, seeds 1 to 60', () => {
    let explained = 0;
    for (let seed = 1; seed <= share(60, 20); seed++) {
      const random = makeRandom(seed);
      const newId = makeIds();
      let doc = newRun('testrun00', standardCatalogue.version, {});
      for (let step = 0; step < 60; step++) {
        const plan = planRandomCommand(doc, random, newId);
        if (plan) doc = applyPlan(doc, plan);
      }
      const layout = layOut(doc);
      const ids = [...layout.legs.keys(), ...[...getPieces(layout)].map(({ id }) => id)];
      for (const id of ids) {
        const explanation = explain(layout, id);
        for (const working of explanation?.workings ?? []) {
          explained++;
          // A slanting leg found from square measures is rounded to 1 nm at every step.
          expect(evaluateWorking(working), `${seed} ${id} ${working.formula}`).to.be.closeTo(
            working.result.value,
            4,
          );
        }
        const leg = layout.legs.get(id);
        if (leg && explanation)
          expect(explanation.workings.at(-1)!.result.value).to.equal(leg.centreToCentre);
      }
    }
    expect(explained).to.be.greaterThan(share(500, 150));
  });

  it('shows both roads to a cut by default, and names the rule that chose them', () => {
    const layout = layOut(
      makeRun([
        [0, 'up', 30],
        [1, 'right', 43.25],
        [2, 'down', 20],
      ]),
    );
    const piece = [...getPieces(layout)][1]!.id;
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
