import { expect } from 'chai';
import { makeCutSheet } from '#core/cutting/cut-sheet.ts';
import { makeCutSheetTable } from '#core/formats/cut-sheet-csv.ts';
import { explainPiece } from '#core/runs/explain-piece.ts';
import type { RuleChoices } from '#core/house-rules/house-rules.ts';
import { RULE_PACKS } from '#core/house-rules/rule-packs.ts';
import { parseLength } from '#core/units/parse-length.ts';
import { toInches, toMillimetres } from '#core/units/length.ts';
import { layOut, mustBe } from '#support/make-run.ts';
import { makeMixedRun } from '#support/random-run.ts';
import { sayExact, sayNumber } from './length-text.ts';
import { sayTubeWay } from './tube.ts';

const SEED = 14_001;
const RUNS = 200;

/** What is added to a tube, as it is said beside it: inches. */
const readAdds = (said: string): number =>
  [...said.matchAll(/(?:with|and) ([^,]+?) (?:of slack|to trim)/g)].reduce(
    (sum, [, written]) => sum + toInches(mustBe(parseLength(written!, 'in')).length),
    0,
  );

describe(`the length of a piece, wherever it is printed (${RUNS} random runs, seed ${SEED})`, () => {
  const kinds = new Map<string, number>();
  const packs: readonly RuleChoices[] = Object.values(RULE_PACKS);
  for (let i = 0; i < RUNS; i++) {
    const base = makeMixedRun(3 + (i % 12), SEED + i);
    const doc = { ...base, ruleChoices: { ...base.ruleChoices, ...packs[i % packs.length] } };
    const layout = layOut(doc);
    const sheet = makeCutSheet(layout);
    const graduation = layout.rules['tape-rounding'].option;
    const versions = { app: '1', catalogue: '2', rulePack: '3', run: 'Run', revision: 1 };
    const [headings = [], ...lines] = makeCutSheetTable(sheet, graduation, versions);
    it(`is one in run ${i}`, () => {
      for (const [place, { piece, nipple }] of sheet.rows.entries()) {
        if (!piece.cut) continue;
        const read = (heading: string): string => lines[place]![headings.indexOf(heading)]!;
        const number = (heading: string): number => Number(read(heading));
        const about = `${piece.mark} of ${SEED + i}`;
        const exact = number('cut exact (in)');
        // The way, less what the fittings take off, and what is cut longer: from the printed figures alone.
        const way = number(piece.path ? 'developed (in)' : 'centre-to-centre (in)');
        const adds = number('slack in the cut (in)') + number('to trim in place in the cut (in)');
        const reckoned = way - number('allowance A (in)') - number('allowance B (in)') + adds;
        if (piece.path || layout.pieces.get(piece.leg)!.length === 1)
          expect(exact, about).to.be.closeTo(reckoned, 6e-5);
        expect(number('cut (mm)'), about).to.be.closeTo(exact * 25.4, 0.0055);
        const isMetric = graduation.endsWith('mm');
        const tape = mustBe(parseLength(read('cut on the tape'), isMetric ? 'mm' : 'in')).length;
        expect(toInches(tape) - exact, about).to.be.closeTo(number('rounding (in)'), 2e-5);
        // The screens: the cut sheet and the vise say it with these words.
        expect(Number.parseFloat(sayExact(piece.cut.whole, 'in').replace('−', '-')), about).to.be.closeTo(exact, 1e-5);
        expect(Number(sayNumber(toMillimetres(piece.cut.whole), 1).replace('−', '-')), about).to.be.closeTo(exact * 25.4, 0.0505);
        expect(readAdds(sayTubeWay(piece, 'in')), about).to.be.closeTo(adds, 2 / 32 + 1e-6);
        // The reason behind it ends at the tape, and its terms come to it.
        const last = explainPiece(piece, layout)?.at(-1);
        if (last && nipple === null) {
          expect(last.result.value, about).to.equal(tape);
          expect(last.terms.reduce((sum, { value }) => sum + value, 0), about).to.equal(tape);
        }
        const kind = `${layout.legs.get(piece.leg)!.leg.system}${adds > 0 ? ', cut longer' : ''}`;
        kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
      }
    });
  }

  it('was held for straight pipe and for tube that is cut longer', () => {
    for (const [kind, least] of [['threaded-steel', 300], ['csst, cut longer', 40], ['copper, cut longer', 1]] as const)
      expect(kinds.get(kind) ?? 0, kind).to.be.at.least(least);
  });
}); // prettier-ignore
