import { expect } from 'chai';
import { standardCatalogue, MATERIALS, type Material } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { inches, millimetres } from '#core/units';
import type { LegSize } from '#core/ends';
import { findLikeSize } from './craft-sizes.ts';
import { getCraft, getCraftOf, makeSettings } from './crafts.ts';

const rules = resolveRules({});
const copper = (size: LegSize, stock: 'coil' | 'length' = 'coil') =>
  makeSettings('copper-flared', size, stock);

describe('every craft', () => {
  for (const material of MATERIALS) {
    const craft = getCraftOf(material);
    it(`of ${material} answers for every size it is made in`, () => {
      expect(craft.listSizes(material)).not.to.have.length(0);
      for (const size of craft.listSizes(material)) {
        const settings = makeSettings(material, size);
        expect(settings.system).to.equal(craft.system);
        const isCarried = craft.isCarried(settings, standardCatalogue);
        // British threads are carried in the sizes the fittings are listed in.
        if (material !== 'steel-r') expect(isCarried, size).to.equal(true);
        if (isCarried) expect(craft.findOutside(settings, standardCatalogue), size).to.be.greaterThan(0);
        const end = craft.getEnd(settings, 'female');
        if (end.kind === 'socket')
          expect(craft.readEnd(end)?.size, size).to.be.oneOf(craft.listSizes(material));
      }
    });
    it(`of ${material} has a like size for every size of every other`, () => {
      for (const other of MATERIALS)
        for (const size of getCraftOf(other).listSizes(other))
          expect(findLikeSize(makeSettings(other, size), material)).to.be.oneOf(craft.listSizes(material));
    });
  }

  it('goes by like sizes as a counter does', () => {
    const like = (from: Material, size: LegSize, to: Material) => findLikeSize(makeSettings(from, size), to);
    expect(like('black-iron', '1/2', 'csst')).to.equal('1/2');
    expect(like('csst', '3/4', 'copper-flared')).to.equal('3/4 ACR');
    expect(like('steel-r', '1/2', 'copper-compression')).to.equal('15 mm');
    expect(like('copper-compression', '8 mm', 'steel-r')).to.equal('1/4');
    expect(like('copper-flared', '3/8 ACR', 'copper-compression')).to.equal('3/8 ACR');
    expect(like('copper-flared', '7/8 ACR', 'black-iron')).to.equal('3/4');
    expect(like('copper-compression', '12 mm', 'black-iron')).to.equal('3/8');
    // Polyethylene by its pipe size, of the usual wall; where it is not made so small or so large the nearest that is.
    expect(like('black-iron', '1', 'pe-stabbed')).to.equal('1 IPS SDR 11');
    expect(like('pe-fused', '3/4 IPS SDR 9.3', 'black-iron')).to.equal('3/4');
    expect(like('black-iron', '1/8', 'pe-stabbed')).to.equal('1/2 IPS SDR 11');
    expect(like('black-iron', '4', 'pe-fused')).to.equal('2 IPS SDR 11');
    expect(like('black-iron', '4', 'copper-flared')).to.equal('2 L');
    expect(like('black-iron', '1/4', 'csst')).to.equal('3/8');
  });

  it('weighs pipe by its table, copper and polyethylene by their walls; of corrugated tubing its maker says it', () => {
    const mass = (material: Material, size: LegSize) => {
      const settings = makeSettings(material, size);
      return getCraft(settings).findMass(settings, standardCatalogue);
    };
    // 3/4 schedule 40: 1.13 lb a foot. 1/2 L: 0.285 lb. 15 × 0.7 mm copper: 0.28 kg a metre. 1 IPS SDR 11: about 0.19 lb a foot.
    expect(mass('black-iron', '3/4')).to.be.closeTo(1.13 * 1.488, 0.02);
    expect(mass('copper-capillary', '1/2 L')).to.be.closeTo(0.285 * 1.488, 0.01);
    expect(mass('copper-capillary', '15 mm')).to.be.closeTo(0.28, 0.01);
    expect(mass('pe-fused', '1 IPS SDR 11')).to.be.closeTo(0.19 * 1.488, 0.02);
    expect(mass('csst', '1/2')).to.equal(null);
  });
});

describe('what bending goes by', () => {
  const bending = (size: LegSize, choices = {}) =>
    getCraft(copper(size)).findBending(copper(size), resolveRules(choices), standardCatalogue)!;

  it('a bender’s own radius is accepted for its size, under four diameters as it may be', () => {
    expect(bending('3/8 ACR')).to.include({
      usual: inches(15 / 16),
      least: inches(15 / 16),
      between: inches(3 / 8),
    });
    expect(bending('8 mm').usual).to.equal(millimetres(24));
    // 1/4 L is as thick as 3/8 ACR.
    expect(bending('1/4 L').usual).to.equal(inches(15 / 16));
    const own = bending('1/2 ACR', { 'bender-radius': { option: 'own', radii: { '1/2 ACR': inches(2) } } });
    expect(own).to.include({ usual: inches(2), least: inches(2), isTypical: false });
  });

  it('by hand under 5 diameters is asked, under 4 refused', () => {
    expect(bending('1/2 ACR', { bending: { option: 'by-hand' } })).to.include({
      recommended: inches(2.5),
      least: inches(2),
    });
  });

  it('hard copper is not bent, and corrugated tubing to the larger figure of its makers', () => {
    expect(
      getCraft(copper('1/2 ACR')).findBending(copper('1/2 ACR', 'length'), rules, standardCatalogue),
    ).to.equal(null);
    const csst = makeSettings('csst', '3/4');
    expect(getCraft(csst).findBending(csst, rules, standardCatalogue)).to.include({
      usual: inches(3),
      least: inches(2),
    });
  });

  it('slack is the house’s share, an inch where it lies straight, and may be none', () => {
    const csst = makeSettings('csst', '1/2');
    const slack = (isStraight: boolean, choices = {}) =>
      getCraft(csst).getSlack(csst, inches(20), isStraight, resolveRules(choices));
    expect(slack(false)).to.equal(inches(0.6));
    expect(slack(true)).to.equal(inches(1));
    expect(slack(true, { 'tube-slack': { option: 'none' } })).to.equal(0);
  });
});
