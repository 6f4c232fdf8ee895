import { expect } from 'chai';
import { makeRandomJobFile } from '#support/make-job-file.ts';
import { checkHistory } from './check-history.ts';

describe('a history that came with its run', () => {
  for (let seed = 1; seed <= 20; seed++) {
    it(`leads to it, and is refused as soon as anything of it differs (seed ${seed})`, () => {
      for (const { doc, revision, changes } of makeRandomJobFile(seed).runs) {
        expect(checkHistory(doc, revision, changes)).to.equal(null);
        expect(checkHistory(doc, revision, changes.toReversed())).to.equal(null);
        if (changes.length < 2) continue;
        const at = seed % changes.length;
        const without = changes.filter((_, i) => i !== at);
        expect(checkHistory(doc, revision, without)).to.deep.equal({ revision: at + 1 });
        expect(checkHistory(doc, revision + 1, changes)).to.deep.equal({ revision: revision + 1 });
        const emptied = { ...doc, legs: {} };
        if (Object.keys(doc.legs).length > 0)
          expect(checkHistory(emptied, revision, changes)).to.not.equal(null);
        const [leg] = Object.values(doc.legs);
        if (leg) {
          const other = { ...doc, legs: { ...doc.legs, [leg.id]: { ...leg, tag: leg.tag + 1 } } };
          expect(checkHistory(other, revision, changes)).to.not.equal(null);
        }
      }
    });
  }
});
