import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { makeIds, mustBe } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom } from '#support/random-run.ts';
import { applyOps, type PlannedChange } from './change.ts';
import { planGoBack } from '#core/runs/commands';
import { rewind } from './rewind.ts';
import { newRun, type RunDoc } from '#core/runs/document';

const SEED = 4_100;

describe(`the way back (seed ${SEED})`, () => {
  const random = makeRandom(SEED);
  const newId = makeIds();
  const docs: RunDoc[] = [newRun('rewoundrun', standardCatalogue.version, {})];
  const changes: PlannedChange[] = [];
  while (changes.length < 80) {
    const planned = planRandomCommand(docs.at(-1)!, random, newId);
    const applied = planned && planned.ops.length > 0 ? applyOps(docs.at(-1)!, planned.ops) : null;
    if (!planned || !applied?.ok) continue;
    docs.push(applied.value);
    changes.push(planned);
  }
  const last = docs.at(-1)!;

  it('reaches every revision there was', () => {
    for (const [revision, doc] of docs.entries()) {
      expect(mustBe(rewind(last, changes.slice(revision).toReversed()))).to.deep.equal(doc);
    }
  });

  it('is a new change, which can be taken back itself', () => {
    for (const doc of docs) {
      const { ops } = planGoBack(last, doc);
      expect(mustBe(applyOps(last, ops))).to.deep.equal(doc);
      if (ops.length > 0) expect(mustBe(rewind(doc, [{ ops }]))).to.deep.equal(last);
    }
  });

  it('refuses a step that does not fit', () => {
    const other = newRun('rewoundrun', standardCatalogue.version, {});
    expect(rewind(other, changes.toReversed()).ok).to.equal(false);
  });
});
