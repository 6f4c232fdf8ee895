import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { NOMINAL_SIZES } from '#core/ends';
import { inches } from '#core/units';
import { JOINTS } from './kinds/joint-kinds.ts';
import { JOINT_KINDS } from './pair-verdict.ts';
import { getSealant, OVERLAP_FACTOR } from './sealant.ts';

describe('kinds of joint', () => {
  for (const id of JOINT_KINDS) {
    it(`${id}: is itself, seals in one place, and takes sealant only where a thread seals`, () => {
      const kind = JOINTS[id];
      expect(kind.id).to.equal(id);
      const byThread = kind.sealsAt === 'wedged-flanks' || kind.sealsAt === 'crushed-crests';
      expect(kind.sealant !== 'never').to.equal(byThread);
      expect(kind.sealantFromThread !== null).to.equal(byThread);
    });
  }

  it('nothing ever goes on a cone, a seat or a washer', () => {
    for (const id of ['flare-45', 'flare-37', 'connector-flare', 'npsm-swivel', 'union', 'g-washer'] as const)
      expect(JOINTS[id].sealant).to.equal('never');
  });
});

describe('getSealant', () => {
  it('tape is wraps times the way round, and something for the overlap', () => {
    const thread = standardCatalogue.findThread('1/2')!;
    const found = getSealant(JOINTS['npt-in-npt'], thread, inches(0.5), 3)!;
    expect(found.tape).to.be.closeTo(inches(3 * Math.PI * 0.84 * OVERLAP_FACTOR), 3000);
    expect(getSealant(JOINTS['flare-45'], thread, inches(0.5), 3)).to.equal(null);
  });

  it('compound is a film of 0.15 mm on the flanks from the second thread on', () => {
    const thread = standardCatalogue.findThread('1/2')!;
    const of = (engaged: number) => getSealant(JOINTS['npt-in-npt'], thread, inches(engaged), 3)!.compound;
    // π · 21.336 mm round, 12.7 mm less one thread of 14 to the inch (1.814 mm) long, both flanks: 1459 mm².
    expect(of(0.5)).to.be.closeTo(0.2189, 0.0005);
    expect(of(0.05)).to.equal(0);
  });

  it('a larger joint takes more of both, and more wraps take more tape', () => {
    const kind = JOINTS['npt-in-npt'];
    const needs = NOMINAL_SIZES.map((size) => standardCatalogue.findThread(size)!).map((thread) =>
      getSealant(kind, thread, thread.normalEngagement, 3)!,
    );
    const rises = (values: readonly number[]) =>
      values.every((value, i) => i === 0 || value > values[i - 1]!);
    expect(rises(needs.map(({ tape }) => tape))).to.equal(true);
    expect(rises(needs.map(({ compound }) => compound))).to.equal(true);
  });
});
