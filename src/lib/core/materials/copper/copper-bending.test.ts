import { expect } from 'chai';
import { getPiece, layOut, makeRun, type TestLeg } from '#support/make-run.ts';
import { checkRun } from '#core/checks';
import { COPPER_SIZES, type CopperSize } from '#core/ends';
import { resolveRules, type RuleChoices } from '#core/house-rules';
import { getCopperOutside } from '#core/catalogue';
import { millimetres } from '#core/units';
import { findCopperBending } from './copper-bending.ts';

const settings = (size: CopperSize, stock: 'coil' | 'length' | 'annealed') =>
  ({ system: 'copper', material: 'copper-compression', size, stock }) as const;
const own = (size: CopperSize, radius: number): RuleChoices => ({
  'bender-radius': { option: 'own', radii: { [size]: radius } },
});

describe('bending copper', () => {
  it('a bender’s own radius is taken for its size, and refused under twice the outside', () => {
    for (const size of COPPER_SIZES) {
      const outside = getCopperOutside(size);
      for (const [share, isRefused] of [
        [1.5, true],
        [1.99, true],
        [2, false],
        [3, false],
        [6, false],
      ] as const) {
        const radius = Math.round(outside * share);
        const bending = findCopperBending(settings(size, 'coil'), resolveRules(own(size, radius)))!;
        if (bending.usual === radius) expect(radius < bending.least, `${size} ${share}`).to.equal(isRefused);
      }
    }
    const bent = (radius: number): string[] =>
      checkRun(
        layOut(
          makeRun(
            [
              [0, 'right', 40, { material: 'copper-flared', size: '1/2 ACR' }],
              [1, 'up', 40, { material: 'copper-flared', size: '1/2 ACR' }],
            ],
            '1/2',
            own('1/2 ACR', millimetres(radius)),
          ),
        ),
      ).flatMap(({ code, severity }) => (code === 'bend-too-tight' ? [severity] : []));
    expect(bent(20)).to.deep.equal(['stop']);
    expect(bent(38)).to.deep.equal([]);
  });

  it('half-hard metric lengths bend in a bender and not by hand; inch lengths are hard', () => {
    const by = (choices: RuleChoices) => resolveRules(choices);
    expect(findCopperBending(settings('15 mm', 'length'), by({}))!.usual).to.equal(millimetres(45));
    expect(findCopperBending(settings('15 mm', 'length'), by({ bending: { option: 'by-hand' } }))).to.equal(
      null,
    );
    expect(findCopperBending(settings('54 mm', 'length'), by({}))).to.equal(null);
    for (const size of COPPER_SIZES.filter((each) => !each.endsWith('mm')))
      for (const stock of ['length', 'annealed'] as const)
        expect(findCopperBending(settings(size, stock), by({})), size).to.equal(null);
    const legs: readonly TestLeg[] = [
      [0, 'right', 40, { material: 'copper-capillary', size: '15 mm', stock: 'length' }],
      [1, 'up', 40, { material: 'copper-capillary', size: '15 mm', stock: 'length' }],
    ];
    const layout = layOut(makeRun(legs));
    expect(getPiece(layout, 1).path!.turns).to.have.length(1);
    expect(checkRun(layout).some(({ code }) => code === 'tube-too-hard')).to.equal(false);
  });
});
