import { expect } from 'chai';
import { writeRunPdf } from '#server/pdf/write-run-pdf.ts';
import { checkRun } from '#core/checks';
import { getPieces } from '#core/runs/layout';
import { layOut, makeRun } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';

const print = (doc: Parameters<typeof layOut>[0], paper: 'A4' | 'LETTER' = 'A4') => {
  const layout = layOut(doc);
  const printed = {
    job: 'Fernhill',
    place: 'Dairy',
    run: 'Header',
    revision: 7,
    layout,
    findings: checkRun(layout),
    unit: 'in' as const,
    jurisdiction: 'us-model' as const,
  };
  return writeRunPdf(printed, paper, new Date('2026-01-02T00:00:00Z'));
};
const countPages = (pdf: Uint8Array): number =>
  Buffer.from(pdf)
    .toString('latin1')
    .match(/\/Type \/Page\b(?!s)/g)?.length ?? 0;
const getPaper = (pdf: Uint8Array): string | undefined =>
  /\/MediaBox \[([^\]]+)\]/.exec(Buffer.from(pdf).toString('latin1'))?.[1];

describe('the PDF of a run', () => {
  it('is on the paper asked for, one page for a short run', async () => {
    const doc = makeRun([
      [0, 'up', 48],
      [1, 'right', 30],
      [2, 'out', 20],
    ]);
    expect(getPaper(await print(doc))).to.equal('0 0 595.28 841.89');
    expect(getPaper(await print(doc, 'LETTER'))).to.equal('0 0 612 792');
    expect(countPages(await print(doc))).to.equal(1);
  });

  it('grows by pages with its pieces, and an empty run still prints', async () => {
    const long = makeRandomRun(120, 20_268);
    const pieces = [...getPieces(layOut(long))].length;
    expect(countPages(await print(long))).to.be.within(Math.ceil(pieces / 45), Math.ceil(pieces / 20));
    expect(countPages(await print(makeRun([])))).to.equal(1);
  });
});
