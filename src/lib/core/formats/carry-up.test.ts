import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { layOut, mustBe } from '#support/make-run.ts';
import { applyOps, invertOps, type PlannedChange } from '#core/runs/changes';
import { isSameJson, type Json } from '#core/outcome';
import { findPiece } from '#core/runs/layout';
import { RUN_SCHEMA, type RunDoc } from '#core/runs/document';
import { carryUpOps } from './carry-up.ts';
import { STEPS } from './versions/steps.ts';
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
          expect(findPiece(layout, id)?.id, id).to.equal(id);
        }
      });
    }
  }
});

describe('operations of a version in which a leg was one entry', () => {
  const part = { id: 'part000001', part: 'valve', share: 0.5, rank: 'a0' };
  const leg = { id: 'leg0000001', tag: 1, size: '3/4', material: 'black-iron', inline: { part000001: part } };
  // Since a later version settings say in what the pipe is sold.
  const spec = {
    id: 'leg0000001.threaded-steel',
    leg: leg.id,
    system: 'threaded-steel',
    stock: 'length',
    material: 'black-iron',
    size: '3/4',
  };
  const entry = { id: leg.id, tag: 1, system: 'threaded-steel' };
  const at = { in: 'legs', id: leg.id } as const;

  it('put in its entry, its settings, its parts, and take them out in the opposite order', () => {
    const put = carryUpOps([{ op: 'insert', ...at, value: leg }]);
    expect(put.map(({ op, in: into, id }) => `${op} ${into} ${id}`)).to.deep.equal([
      'insert legs leg0000001',
      'insert specs leg0000001.threaded-steel',
      'insert parts part000001',
    ]);
    const [first, second] = put;
    expect(first).to.deep.include({ value: entry });
    expect(second).to.deep.include({ value: spec });
    const taken = carryUpOps([{ op: 'remove', ...at, old: leg }]);
    expect(taken).to.deep.equal(invertOps(put));
  });

  it('put another in its place by what differs alone', () => {
    const wide = { ...leg, size: '1', inline: {} };
    const ops = carryUpOps([{ op: 'replace', ...at, old: leg, value: wide }]);
    expect(ops.map(({ op, in: into }) => `${op} ${into}`)).to.deep.equal(['replace specs', 'remove parts']);
  });

  it('set its size and its material where they stand now, its parts one by one, and nothing else elsewhere', () => {
    for (const field of ['size', 'material']) {
      const [op, ...more] = carryUpOps([{ op: 'set', ...at, field, old: 'a', value: 'b' }]);
      expect([op, more]).to.deep.equal([
        { op: 'set', in: 'specs', id: spec.id, field, old: 'a', value: 'b' },
        [],
      ]);
    }
    const turned = { op: 'set', ...at, field: 'rank', old: 'a0', value: 'a1' } as const;
    expect(carryUpOps([turned])).to.deep.equal([turned]);
    const [out] = carryUpOps([{ op: 'set', ...at, field: 'inline', old: leg.inline, value: {} }]);
    expect(out).to.deep.include({ op: 'remove', in: 'parts', id: part.id });
  });

  it('say an inlet and what was found as ends', () => {
    const terminalOf = (terminal: Json): unknown => {
      const [op] = carryUpOps([
        { op: 'set', in: 'nodes', id: 'node000001', field: 'terminal', old: null, value: terminal },
      ]);
      return op && 'value' in op ? op.value : null;
    };
    const whole = (terminal: Json): unknown => {
      const [op] = carryUpOps([
        { op: 'insert', in: 'nodes', id: 'node000001', value: { id: 'node000001', terminal } },
      ]);
      return op && 'value' in op ? (op.value as { terminal: unknown }).terminal : null;
    };
    for (const read of [terminalOf, whole]) {
      expect(read({ kind: 'appliance', name: 'kiln', gender: 'male' })).to.deep.include({
        kind: 'appliance',
        name: 'kiln',
        inlet: null,
      });
      const found = {
        thread: 'npt-3/4-male',
        family: 'npt',
        size: '3/4',
        gender: 'male',
        certainty: 'certain',
        orElse: [],
      };
      const end = (more: Record<string, Json>) =>
        (read({ kind: 'existing', specimen: 'specimen01', end: { ...found, ...more } }) as { end: unknown })
          .end;
      expect(end({})).to.deep.equal({
        kind: 'thread',
        family: 'npt',
        size: '3/4',
        gender: 'male',
        hand: null,
        seat: 'unknown',
        metal: 'black-iron',
      });
      expect(end({ orElse: ['r-3/4-male'] })).to.deep.equal({
        kind: 'unknown',
        among: ['npt-3/4-male', 'r-3/4-male'],
        certainty: 'likely',
      });
      expect(end({ certainty: 'tie' })).to.deep.equal({
        kind: 'unknown',
        among: ['npt-3/4-male'],
        certainty: 'tie',
      });
      expect(read({ kind: 'cap' })).to.deep.equal({ kind: 'cap' });
    }
  });
});
