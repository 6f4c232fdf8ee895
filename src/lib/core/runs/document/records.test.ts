import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { applyToRunDoc, readRunDoc } from '#core/formats';
import { applyOps } from '#core/runs/changes';
import { planRemoveLegs } from '#core/runs/commands';
import { layOut, mustBe } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom } from '#support/random-run.ts';
import { findBrokenReference } from './check-run.ts';
import { COLLECTIONS } from './collections.ts';
import { SAID_OF } from './said.ts';
import { getRecordKind } from './records/records.ts';
import { RECORD_NAMES, type RecordName } from './records/names.ts';
import { newRun, type RunDoc } from './run.ts';

const SEED = 15_001;

/** Runs that random commands made, of every kind of record among them. */
const docs = Array.from({ length: 30 }, (_, i): RunDoc => {
  const random = makeRandom(SEED + i);
  let count = 0;
  const newId = (): string => `record${i}x${String(count++).padStart(5, '0')}`;
  let doc = newRun(`recordsrun${i}`, standardCatalogue.version, {});
  for (let k = 0; k < 60; k++) {
    const plan = planRandomCommand(doc, random, newId);
    const next = plan && applyToRunDoc(doc, plan.ops);
    if (next?.ok) doc = next.value;
  }
  return doc;
});

/** A copy without one record. */
const without = (doc: RunDoc, name: RecordName, id: string): RunDoc => {
  const { [id]: _, ...rest } = doc[name] as Record<string, unknown>;
  return { ...doc, [name]: rest };
};

describe(`kinds of record (seed ${SEED})`, () => {
  it('are all there when a run is begun, empty, and may all be changed', () => {
    const begun = newRun('recordsrun', standardCatalogue.version, {});
    for (const name of RECORD_NAMES) expect(begun[name], name).to.deep.equal({});
    expect([...COLLECTIONS].sort()).to.deep.equal(['ruleChoices', ...RECORD_NAMES].sort());
    expect(Object.keys(begun).sort()).to.deep.equal(
      [...COLLECTIONS, 'schema', 'id', 'catalogueVersion'].sort(),
    );
  });

  for (const name of RECORD_NAMES)
    describe(name, () => {
      const { most, hangsOn, saidOf, refersTo } = getRecordKind(name);
      const held = docs.flatMap((doc) => Object.values(doc[name]).map((record) => ({ doc, record })));

      it('stands in the runs of this test', () => {
        expect(held.length).to.be.greaterThan(0);
      });

      it('is read back as it was written, and refused under the id of another', () => {
        const { doc, record } = held[0]!;
        expect(mustBe(readRunDoc(JSON.parse(JSON.stringify(doc))))).to.deep.equal(doc);
        const moved = { ...without(doc, name, record.id), [name]: { ...doc[name], anotherid0: record } };
        expect(readRunDoc(moved).ok).to.equal(false);
      });

      it('is refused without what it hangs on, is said of, or leads to', () => {
        for (const { doc, record } of held) {
          const refs = [...(hangsOn ? [hangsOn(record)] : []), ...refersTo(record)];
          const said = saidOf
            .filter((to) => Object.hasOwn(doc[to], record.id))
            .map((to) => ({ to, id: record.id }));
          for (const { to, id } of [...refs, ...said]) {
            expect(findBrokenReference(doc)).to.equal(null);
            expect(findBrokenReference(without(doc, to, id))?.missing, `${name} ${record.id}`).to.equal(id);
          }
        }
      });

      it('is refused where there are more than a run holds', () => {
        const { doc, record } = held[0]!;
        const many = Object.fromEntries(
          Array.from({ length: most + 1 }, (_, i) => [`many${i}x00000`, record]),
        );
        const read = readRunDoc({ ...doc, [name]: many });
        expect(read.ok ? null : read.refusal).to.include({ code: 'input-invalid' });
      });
    });

  it('hanging on a leg, or said of it and of its parts, go with it and come back with it', () => {
    let gone = 0;
    for (const doc of docs)
      for (const leg of Object.keys(doc.legs)) {
        const plan = planRemoveLegs(layOut(doc), leg);
        if (!plan.ok) continue;
        const after = mustBe(applyOps(doc, plan.value.ops));
        expect(findBrokenReference(after), leg).to.equal(null);
        for (const name of RECORD_NAMES)
          for (const record of Object.values(after[name])) {
            expect(getRecordKind(name).hangsOn?.(record).id).to.not.equal(leg);
            if (SAID_OF.includes(name as never)) expect(record.id).to.not.equal(leg);
          }
        gone += plan.value.ops.length;
      }
    expect(gone).to.be.greaterThan(500);
  });
});
