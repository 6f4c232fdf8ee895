import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { layOut, mustBe } from '#support/make-run.ts';
import { applyOps, invertOps, type PlannedChange } from '../runs/change.ts';
import { isSameJson, type Json } from '../outcome/json.ts';
import { findPiece } from '../runs/lay-out-run.ts';
import { RUN_SCHEMA, type RunDoc } from '../runs/run.ts';
import { carryUpOps, carryUpSubject, STEPS } from './carry-up.ts';
import { checkHistory } from './check-history.ts';
import { readRunDoc } from './read-run-doc.ts';

/** Written by Porthole as it was: a run as begun, every change made to it, the run then, and the ids of its pieces. */
interface History {
  readonly begun: { readonly schema: number };
  readonly changes: readonly PlannedChange[];
  readonly doc: unknown;
  readonly pieces: readonly string[];
}
const read = (version: number): History[] =>
  JSON.parse(readFileSync(`tests/support/histories/version-${version}.json`, 'utf8')) as History[];
const apply = (doc: RunDoc, ops: PlannedChange['ops']): RunDoc => mustBe(applyOps(doc, ops));

describe('what older versions stored', () => {
  it('has a step for every version before this one', () => {
    expect(Object.keys(STEPS).map(Number)).to.deep.equal(
      Array.from({ length: RUN_SCHEMA - 1 }, (_, i) => i + 1),
    );
  });

  for (let version = 1; version < RUN_SCHEMA; version++) {
    for (const [at, { begun, changes, doc, pieces }] of read(version).entries()) {
      const name = `version ${version}, history ${at + 1}`;
      const [first, last] = [begun, doc].map((each) => mustBe(readRunDoc(each)));
      const carried = changes.map(({ ops }) => carryUpOps(ops));

      it(`${name}: ${changes.length} changes lead to the run as it was kept, and back`, () => {
        expect(begun.schema).to.equal(version);
        const end = carried.reduce(apply, first!);
        expect(isSameJson(end as unknown as Json, last as unknown as Json)).to.equal(true);
        const back = carried.toReversed().map(invertOps);
        expect(back.reduce(apply, end)).to.deep.equal(first);
      });

      it(`${name}: its history holds; a step to take back may be turned round before it is carried up or after`, () => {
        const kept = changes.map((change, i) => ({ ...change, base: i, revision: i + 1 }));
        expect(checkHistory(last!, kept.length, kept)).to.equal(null);
        let now = last!;
        for (const { ops } of changes.toReversed()) {
          const one = apply(now, carryUpOps(invertOps(ops)));
          expect(
            isSameJson(one as unknown as Json, apply(now, invertOps(carryUpOps(ops))) as unknown as Json),
          ).to.equal(true);
          now = one;
        }
      });

      it(`${name}: what is carried up once stays as it is`, () => {
        for (const ops of carried) expect(carryUpOps(ops)).to.deep.equal(ops);
      });

      it(`${name}: every piece an event may be about is found`, () => {
        const layout = layOut(last!);
        for (const id of pieces) {
          const leg = id.slice(id.lastIndexOf(':') + 1);
          // Pipe longer than the stock was one piece before version 3.
          const isJoined = layout.legs.get(leg)!.inline.some(({ placedBy }) => placedBy === 'stock');
          if (version < 3 && isJoined) continue;
          expect(findPiece(layout, carryUpSubject(id))?.id, id).to.equal(id);
        }
      });
    }
  }
});
