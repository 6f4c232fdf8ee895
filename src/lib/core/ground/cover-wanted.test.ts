import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { resolveRules, JURISDICTIONS, type Jurisdiction } from '#core/house-rules';
import { INCH, toMillimetres } from '#core/units';
import { getWantedCover, listCovers } from './cover-wanted.ts';

describe('cover', () => {
  const COMMON: readonly (readonly [Jurisdiction, string, number])[] = [
    ['us-model', 'general', 12 * INCH],
    ['us-model', 'lamp-or-grill', 8 * INCH],
    ['us-model', 'damage-likely', 18 * INCH],
    ['us-model', 'service-line', 12 * INCH],
    ['us-model', 'service-in-street', 18 * INCH],
    ['us-model', 'main', 24 * INCH],
    ['canada', 'general', 15 * INCH],
    ['canada', 'under-traffic', 24 * INCH],
    ['australia', 'general', 300 * 1e6],
    ['australia', 'under-traffic', 450 * 1e6],
    ['uk', 'general', 375 * 1e6],
  ];
  for (const [jurisdiction, where, cover] of COMMON)
    it(`${jurisdiction}, ${where}`, () => {
      const isMetric = jurisdiction === 'uk' || jurisdiction === 'australia';
      const [own, other] = (isMetric ? ['mm', 'in'] : ['in', 'mm']) as ['mm' | 'in', 'mm' | 'in'];
      const on = (tape: 'in' | 'mm') =>
        listCovers(standardCatalogue.ground.covers, jurisdiction, tape).find((row) => row.where === where)!
          .length;
      expect(on(own)).to.equal(cover);
      // On the other tape it is round there, and next to it.
      expect(on(other) % (isMetric ? INCH : 5 * 1e6)).to.equal(0);
      expect(on(other)).to.be.closeTo(cover, cover / 20);
    });

  it('is known by no other figure than these, general first; where none is, it is asked', () => {
    const rows = JURISDICTIONS.flatMap((each) => listCovers(standardCatalogue.ground.covers, each, 'in'));
    expect(rows).to.have.length(COMMON.length);
    expect(standardCatalogue.ground.covers).to.have.length(COMMON.length);
    for (const each of ['us-model', 'canada', 'australia', 'uk'] as const)
      expect(listCovers(standardCatalogue.ground.covers, each, 'in')[0]!.where).to.equal('general');
    expect(listCovers(standardCatalogue.ground.covers, 'ask', 'in')).to.deep.equal([]);
    expect(getWantedCover(resolveRules({ 'burial-depth': { option: '24-inch' } }))).to.equal(24 * INCH);
    expect(getWantedCover(resolveRules({}))).to.equal(null);
    const own = { 'burial-depth': { option: 'own', name: 'Half a spade', reason: 'Rock.' } } as never;
    expect(getWantedCover(resolveRules(own))).to.equal(null);
  });

  it('of Canada is in millimetres what its code says itself; of the model code the next five that are no less', () => {
    const on = (jurisdiction: Jurisdiction) =>
      listCovers(standardCatalogue.ground.covers, jurisdiction, 'mm').map(({ where, length }) => [
        where,
        toMillimetres(length),
      ]);
    expect(on('canada')).to.deep.equal([
      ['general', 380],
      ['under-traffic', 600],
    ]);
    expect(Object.fromEntries(on('us-model'))).to.deep.equal({
      general: 305,
      'lamp-or-grill': 205,
      'damage-likely': 460,
      'service-line': 305,
      'service-in-street': 460,
      main: 610,
    });
  });
});
