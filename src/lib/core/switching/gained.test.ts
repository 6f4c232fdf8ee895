import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeRun, mustBe, type TestLeg } from '#support/make-run.ts';
import { type Material, standardCatalogue } from '#core/catalogue';
import { checkRun, getPlacedId, type Finding } from '#core/checks';
import type { Jurisdiction } from '#core/house-rules';
import type { ZoneId } from '#core/permissions';
import { planSayZone } from '#core/runs/commands';
import { toInches, toMillimetres } from '#core/units';
import { compareFindings, listOtherSizes, tallyRun, trySwitch } from './compare-switch.ts';

const iron = { material: 'black-iron', size: '1/2' } as const;
const csst = { material: 'csst', size: '1/2' } as const;
const flared = { material: 'copper-flared', size: '1/2 ACR' } as const;
const olives = { material: 'copper-compression', size: '8 mm' } as const;
const pe = { material: 'pe-stabbed', size: '1 IPS SDR 11' } as const;
/** Out, up, along, down and on: legs 2 to 4 lie between pipe. */
const through = (middle: NonNullable<TestLeg[3]>): readonly TestLeg[] => [
  [0, 'right', 40, iron],
  [1, 'up', 60, middle],
  [2, 'right', 80, middle],
  [3, 'down', 30, middle],
  [4, 'right', 20, iron],
];
const buriedBy = (pipe: NonNullable<TestLeg[3]>): readonly TestLeg[] => [
  [0, 'down', 20, { size: '1' }],
  [1, 'right', 120, pipe],
  [2, 'up', 20, { size: '1' }],
];
const TUBING = ['bond ask', 'part-length-unknown ask', 'strike-plates note', 'trimmed-in-place note'];
const GROUND = [
  'bond ask',
  'bond ask',
  'cover-unsaid ask',
  'part-length-unknown ask',
  'print-unread ask',
  'riser-bury-unread ask',
  'riser-bury-unread ask',
  'trimmed-in-place note',
];

interface Case {
  readonly name: string;
  readonly legs: readonly TestLeg[];
  readonly tags: readonly number[];
  readonly to: Material;
  readonly zone: ZoneId;
  readonly jurisdiction?: Jurisdiction;
  readonly gained: readonly string[];
  readonly lost: readonly string[];
  /** Pieces, joints, leak points, fittings, supports before and after: counted by hand. */
  readonly before: readonly number[];
  readonly after: readonly number[];
}

const CASES: readonly Case[] = [
  { name: 'iron to tubing, in sight: a bond, plates, fittings to measure', legs: through(iron), tags: [2, 3, 4], to: 'csst', zone: 'indoors', gained: [...TUBING, 'place csst if'], lost: [], before: [5, 8, 8, 4, 9], after: [3, 6, 6, 4, 9] },
  { name: 'iron to tubing, concealed: its ends must be listed for it besides', legs: through(iron), tags: [2, 3, 4], to: 'csst', zone: 'concealed', gained: [...TUBING, 'place csst if', 'place csst if'], lost: [], before: [5, 8, 8, 4, 9], after: [3, 6, 6, 4, 9] },
  { name: 'iron to flared copper, concealed: its flares may not be there', legs: through(iron), tags: [2, 3, 4], to: 'copper-flared', zone: 'concealed', gained: ['place flare-45 forbidden', 'part-length-unknown ask', 'place copper-flared if', 'strike-plates note'], lost: [], before: [5, 8, 8, 4, 9], after: [3, 6, 6, 4, 10] },
  { name: 'iron to pressed steel: two adapters more, and two joints', legs: through(iron), tags: [2, 3, 4], to: 'steel-pressed', zone: 'indoors', gained: ['part-length-unknown ask', 'part-length-unknown ask'], lost: [], before: [5, 8, 8, 4, 9], after: [5, 10, 10, 6, 9] },
  { name: 'iron to polyethylene, in sight: forbidden, and no riser', legs: through(iron), tags: [3], to: 'pe-stabbed', zone: 'indoors', gained: ['bond ask', 'bond ask', 'cover-unsaid ask', 'part-length-unknown ask', 'pe-without-riser stop', 'pe-without-riser stop', 'place pe-stabbed forbidden', 'print-unread ask', 'trimmed-in-place note'], lost: [], before: [5, 8, 8, 4, 9], after: [5, 10, 10, 6, 7] },
  { name: 'iron to polyethylene in the ground: nothing is coated any more; risers, cover and print lines to be read', legs: buriedBy({ size: '1' }), tags: [2], to: 'pe-stabbed', zone: 'buried', gained: [...GROUND, 'place pe-stab if', 'place pe-stabbed if'], lost: ['place black-iron if', 'place npt-in-npt if'], before: [3, 4, 4, 2, 2], after: [3, 4, 6, 2, 2] },
  { name: 'and back', legs: buriedBy(pe), tags: [2], to: 'black-iron', zone: 'buried', gained: ['place black-iron if', 'place npt-in-npt if'], lost: [...GROUND, 'place pe-stab if', 'place pe-stabbed if'], before: [3, 4, 6, 2, 2], after: [3, 4, 4, 2, 2] },
  { name: 'tubing to iron, in sight: bond and plates fall away', legs: through(csst), tags: [2, 3, 4], to: 'black-iron', zone: 'indoors', gained: [], lost: [...TUBING, 'place csst if'], before: [3, 6, 6, 4, 9], after: [5, 8, 8, 4, 9] },
  { name: 'copper to tubing in a vehicle, behind R threads: asked of its maker, and nothing is sold between', legs: [[0, 'right', 40, { material: 'steel-r', size: '1/4' }], [1, 'right', 40, olives]], tags: [2], to: 'csst', zone: 'vehicle', jurisdiction: 'uk-vehicle', gained: ['bond ask', 'no-fitting stop', 'place csst ask'], lost: ['joint-does-not-make stop', 'part-length-unknown ask', 'place copper-compression if'], before: [2, 2, 2, 1, 4], after: [2, 0, 0, 0, 4] },
  { name: 'flared to soldered copper, in one piece: the gas being good, nothing else is asked', legs: [[0, 'right', 40, flared], [1, 'up', 60, flared]], tags: [1, 2], to: 'copper-capillary', zone: 'indoors', gained: [], lost: [], before: [1, 0, 0, 0, 4], after: [1, 0, 0, 0, 4] },
]; // prettier-ignore

const say = (finding: Finding): string => {
  if (finding.code !== 'place') return `${finding.code} ${finding.severity}`;
  const { what, permission } = finding;
  return `place ${getPlacedId(what)} ${permission.permit}`;
};

describe('what a switch gains and loses', () => {
  for (const { name, legs, tags, to, zone, jurisdiction = 'us-model', gained, lost, before, after } of CASES)
    it(name, () => {
      const site = { gas: 'natural', jurisdiction } as const;
      // The supplier says that the gas eats no copper.
      const plain = makeRun(legs, '1/2', { 'corrosive-gas': { option: 'under-limit' } });
      const ids = tags.map((tag) => getLeg(plain, tag).id);
      const layout = layOut(applyPlan(plain, mustBe(planSayZone(plain, ids, zone))));
      const switched = trySwitch(layout, standardCatalogue, ids, to, site);
      const unlike = compareFindings(checkRun(layout, site), switched.findings);
      expect(unlike.gained.map(say).sort()).to.deep.equal([...gained].sort());
      expect(unlike.lost.map(say).sort()).to.deep.equal([...lost].sort());
      const count = (tally: ReturnType<typeof tallyRun>) => [
        tally.pieces,
        tally.joints,
        tally.leakPoints,
        tally.fittings,
        tally.supports,
      ];
      expect(count(tallyRun(layout, site))).to.deep.equal(before);
      expect(count(switched.tally)).to.deep.equal(after);
    });

  it('says metres by material and weight, what of it is not known, and which size is only the nearest', () => {
    const layout = layOut(
      makeRun(
        [
          [0, 'right', 40, { size: '4' }],
          [1, 'up', 60, { size: '4' }],
        ],
        '4',
      ),
    );
    const ids = [...layout.legs.keys()];
    const was = tallyRun(layout, null);
    // 4 in pipe: 10.79 lb a foot.
    expect(was.byMaterial.map(({ material }) => material)).to.deep.equal(['black-iron']);
    expect(was.mass).to.be.closeTo((toInches(was.length) / 12) * 10.79 * 0.4536, 0.05);
    const copper = trySwitch(layout, standardCatalogue, ids, 'copper-flared', null);
    expect(listOtherSizes(layout, copper)).to.deep.equal([{ marks: [1, 2], from: '4', to: '2 L' }]);
    const tubing = trySwitch(layout, standardCatalogue, ids, 'csst', null);
    expect([tubing.tally.mass, tubing.tally.massUnknown]).to.deep.equal([0, 1]);
    expect(toMillimetres(tubing.tally.length)).to.be.greaterThan(2_400);
  });
});
