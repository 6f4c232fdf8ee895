import { expect } from 'chai';
import { makeRandomJobFile } from '#support/make-job-file.ts';
import { COLLECTIONS } from '#core/runs/document';
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

  it('is broken at the change that cannot have been made', () => {
    const run = makeRandomJobFile(3).runs.find(({ changes }) => changes.length > 4)!;
    const strange = { op: 'remove', in: 'nodes', id: 'strange0002', old: { id: 'strange0002' } } as const;
    const changes = run.changes.map((change) =>
      change.revision === 3 ? { ...change, ops: [...change.ops, strange, strange] } : change,
    );
    expect(checkHistory(run.doc, run.revision, changes)).to.deep.equal({ revision: 3 });
  });

  it('leads to a beginning in which there is nothing, of whatever kind, that no change put there', () => {
    const run = makeRandomJobFile(3).runs.find(({ revision }) => revision > 0)!;
    for (const collection of COLLECTIONS) {
      // The house rules of its job.
      if (collection === 'ruleChoices') continue;
      const strange = { id: 'strange0001', node: 'strange0002', leg: 'strange0003' };
      const more = (name: string) => ({
        ...run.doc,
        [collection]: { ...run.doc[collection], [name]: { ...strange, id: name } },
      });
      // What a run was begun at may be there already: one node, and its anchor.
      const two = {
        ...run.doc,
        [collection]: { ...run.doc[collection], strange0001: strange, strange0009: strange },
      };
      const mayBe = collection === 'nodes' || collection === 'anchors';
      const doc = (mayBe ? two : more('strange0001')) as typeof run.doc;
      expect(checkHistory(doc, run.revision, run.changes), collection).to.deep.equal({ revision: 0 });
    }
  });
});
