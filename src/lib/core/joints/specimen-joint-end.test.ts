import { expect } from 'chai';
import { standardThreads } from '../catalogue/standard-threads.ts';
import { makeSpecimen } from '../identify/specimen.ts';
import { BAKERY_SPECIMENS } from '../../../../scripts/demo-specimens.ts';
import { getSpecimenJointEnd } from './specimen-joint-end.ts';

describe('a specimen as an end', () => {
  for (const input of BAKERY_SPECIMENS) {
    it(`${input.name}: known where it was told apart, asked about where it was not`, () => {
      const specimen = makeSpecimen(standardThreads, input);
      const end = getSpecimenJointEnd(specimen, standardThreads);
      if (specimen.verdict.kind === 'tie') {
        expect(end).to.deep.equal({ kind: 'unknown' });
        return;
      }
      expect(end.kind === 'thread' && end.thread.id).to.equal(specimen.end!.thread);
      const seen = input.readings
        .map(({ observation }) => observation)
        .findLast(({ kind }) => kind === 'seat');
      expect(end.kind === 'thread' && end.seat).to.equal(seen?.kind === 'seat' ? seen.value : 'unknown');
    });
  }
  it('nothing found is not known', () => {
    const empty = makeSpecimen(standardThreads, { ...BAKERY_SPECIMENS[0]!, readings: [] });
    expect(getSpecimenJointEnd(empty, standardThreads)).to.deep.equal({ kind: 'unknown' });
  });
});
