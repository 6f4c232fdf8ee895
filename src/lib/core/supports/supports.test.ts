import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeRun, mustBe } from '#support/make-run.ts';
import { makeRandom } from '#support/random-run.ts';
import type { LegSize } from '#core/ends';
import { JURISDICTIONS, type Jurisdiction } from '#core/house-rules';
import type { BodyPlaced } from '#core/permissions';
import { FOOT, inches, toMillimetres, type Length } from '#core/units';
import { planSayZone } from '#core/runs/commands';
import { countSupports, listSupports } from './list-supports.ts';
import { placeSupports } from './place-supports.ts';
import { findSpacing } from './support-spacing.ts';

const SEED = 20_290;

describe('supports', () => {
  // Counted by hand: 20 ft, 12 in at the ends, at the spacings of the United States.
  for (const [material, size, count] of [
    ['black-iron', '1/2', 4],
    ['black-iron', '3/4', 4],
    ['black-iron', '1-1/4', 3],
    ['copper-flared', '1/2 ACR', 6],
  ] as const)
    it(`20 ft of ${size} ${material}: ${count}`, () => {
      const spacing = findSpacing(material, size, 'us-model', 'in')!;
      expect(placeSupports(20 * FOOT, spacing.level, inches(12))).to.have.length(count);
    });

  const SAID: readonly (readonly [BodyPlaced, LegSize, Jurisdiction, number | null, number | 'floor' | null])[] = [
    // Feet of North America, metres elsewhere; level, upright.
    ['black-iron', '1/2', 'us-model', 6, 6],
    ['black-iron', '3/4', 'us-model', 8, 8],
    ['black-iron', '1', 'us-model', 8, 8],
    ['black-iron', '2', 'us-model', 10, 'floor'],
    ['copper-flared', '1/2 ACR', 'us-model', 4, 4],
    ['copper-brazed', '1/2 L', 'us-model', 6, 6],
    ['copper-flared', '7/8 ACR', 'us-model', 8, 8],
    ['csst', '3/8', 'us-model', 4, 10],
    ['csst', '1/2', 'canada', 6, 10],
    ['csst-arc', '3/4', 'us-model', 8, 10],
    ['black-iron', '3', 'canada', 15, 'floor'],
    ['copper-capillary', '15 mm', 'uk', 1.5, 2],
    ['copper-capillary', '28 mm', 'uk', 2, 2.5],
    ['steel-r', '1', 'uk', 2.5, 3],
    ['copper-compression', '8 mm', 'uk-vehicle', 0.5, 0.5],
    ['steel-r', '1/2', 'uk-vehicle', 1, 1],
    // No row: asked.
    ['copper-flared', '3/8 ACR', 'us-model', null, null],
    ['copper-capillary', '8 mm', 'uk', null, null],
    ['black-iron', '3/4', 'ask', null, null],
    ['pe-stabbed', '3/4', 'us-model', null, null],
  ]; // prettier-ignore
  for (const [material, size, jurisdiction, level, upright] of SAID)
    it(`${size} ${material}, ${jurisdiction}: ${level ?? 'asked'}`, () => {
      const isFeet = jurisdiction === 'us-model' || jurisdiction === 'canada' || getIsMaker(material);
      const found = findSpacing(material, size, jurisdiction, isFeet ? 'in' : 'mm');
      const by = isFeet ? FOOT : 1e9;
      const figure = (length: Length | 'floor') => (length === 'floor' ? length : length / by);
      expect(found && figure(found.level)).to.equal(level);
      expect(found && figure(found.upright)).to.equal(upright);
    });

  it('a leg at 45° is held as a level one is; only a steeper one is upright', () => {
    for (const [way, isUpright] of [
      ['down-right', false],
      ['up-left', false],
      ['down', true],
      ['up', true],
      ['right', false],
    ] as const) {
      const layout = layOut(
        makeRun(
          [
            [0, 'back', 40],
            [1, way, 200],
          ],
          '3/4',
        ),
      );
      const held = listSupports(layout, 'uk').find(({ laid }) => laid.leg.tag === 2)!;
      expect(held.isUpright, way).to.equal(isUpright);
    }
  });

  it(`stand near both ends and nowhere too far apart, as few as can be (seed ${SEED})`, () => {
    const random = makeRandom(SEED);
    for (let i = 0; i < 2_000; i++) {
      const [length, spacing, end] = [
        Math.ceil(random() * 40 * FOOT),
        Math.ceil((1 + random() * 12) * FOOT),
        Math.ceil(random() * 2 * FOOT),
      ] as const;
      const at = placeSupports(length, spacing, end);
      if (length <= end) {
        expect(at).to.deep.equal([]);
        continue;
      }
      expect(at[0]).to.be.at.most(end);
      expect(length - at.at(-1)!).to.be.at.most(end);
      for (let k = 1; k < at.length; k++) expect(at[k]! - at[k - 1]!).to.be.within(0, spacing + 1);
      // One fewer could not reach.
      if (at.length > 2) expect((at.length - 2) * spacing).to.be.lessThan(length - 2 * end);
    }
  });

  it('are listed leg by leg, upright by their own spacing; what lies in the ground is bedded', () => {
    const doc = makeRun(
      [
        [0, 'right', 240],
        [1, 'up', 240],
        [2, 'right', 8],
        [3, 'right', 100],
      ],
      '1-1/4',
    );
    const [, , , last] = Object.values(doc.legs).sort((a, b) => a.tag - b.tag);
    const buried = { ...doc, zones: { [last!.id]: { id: last!.id, zone: 'buried' as const } } };
    const listed = listSupports(layOut(buried), 'us-model');
    expect(listed.map(({ isUpright, at }) => [isUpright, at?.length])).to.deep.equal([
      [false, 3],
      [true, 2],
      [false, 0],
    ]);
    expect(toMillimetres(listed[0]!.at![1]!)).to.be.closeTo(10 * 304.8, 0.001);
    for (const { at } of listSupports(layOut(doc), 'ask')) expect(at).to.equal(null);
  });

  it('are counted by what is bought: size, material, clips or hangers; what is not known is not counted', () => {
    const doc = makeRun(
      [
        [0, 'right', 240],
        [1, 'right', 240, { size: '1/2' }],
        [2, 'right', 60, { size: '1/2' }],
        [3, 'right', null, { size: '1/2' }],
      ],
      '3/4',
    );
    const layout = layOut(doc);
    const listed = listSupports(layout, 'us-model');
    const sum = (size: string) =>
      listed.reduce((count, { laid, at }) => count + (laid.leg.size === size ? (at?.length ?? 0) : 0), 0);
    expect(sum('1/2')).to.be.greaterThan(0);
    const counted = (jurisdiction: 'us-model' | 'uk-vehicle') =>
      countSupports(layout, jurisdiction).map(({ size, material, isClip, count }) => [
        size,
        material,
        isClip,
        count,
      ]);
    expect(counted('us-model')).to.deep.equal([
      ['3/4', 'black-iron', false, sum('3/4')],
      ['1/2', 'black-iron', false, sum('1/2')],
    ]);
    const clipped = applyPlan(doc, mustBe(planSayZone(doc, [getLeg(doc, 2).id], 'vehicle')));
    const bought = countSupports(layOut(clipped), 'us-model');
    expect(bought.map(({ size, isClip }) => `${size} ${isClip}`)).to.deep.equal([
      '3/4 false',
      '1/2 true',
      '1/2 false',
    ]);
  });

  it('know every jurisdiction', () => {
    for (const jurisdiction of JURISDICTIONS)
      expect(findSpacing('csst', '1/2', jurisdiction, 'in')?.source).to.equal('maker');
  });
});

const getIsMaker = (material: BodyPlaced): boolean => material.startsWith('csst');
