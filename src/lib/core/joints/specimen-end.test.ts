import { expect } from 'chai';
import { standardCatalogue, standardThreads } from '#core/catalogue';
import { UNKNOWN_END } from '#core/ends';
import { makeSpecimen } from '#core/identify';
import { BAKERY_SPECIMENS } from '../../../../scripts/demo-specimens.ts';
import { getSpecimenEnd } from './specimen-end.ts';

describe('a specimen as an end', () => {
  for (const input of BAKERY_SPECIMENS) {
    it(`${input.name}: known where it was told apart, asked about where it was not`, () => {
      const specimen = makeSpecimen(standardThreads, input);
      const said = getSpecimenEnd(specimen, standardThreads);
      const end = standardCatalogue.ends.figure(said);
      if (specimen.verdict.kind === 'tie') {
        expect(said).to.deep.equal({
          kind: 'unknown',
          among: [specimen.end!.thread, ...specimen.end!.orElse],
          certainty: 'tie',
        });
        expect(end.kind).to.equal('unknown');
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
    expect(getSpecimenEnd(empty, standardThreads)).to.deep.equal(UNKNOWN_END);
  });
});
