import { expect } from 'chai';
import type { AXES } from '#core/geometry';
import { makeIds, makeRun, mustBe, layOut, applyPlan, getLeg, newLeg } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom } from '#support/random-run.ts';
import { share } from '#support/share.ts';
import { readRunDoc } from '#core/formats';
import { applyOps, COMMAND_NAMES, invertOps, type PlannedChange } from './change.ts';
import { isSameJson } from '#core/outcome';
import { findBrokenReference, newRun, type RunDoc } from '#core/runs/document';
import {
  planAddLeg,
  planChangeMeasure,
  planCloseEnd,
  planCopyRun,
  findLegsBeyond,
  planRemoveLegs,
} from '#core/runs/commands';
import { findPiecesThrough, type RunLayout } from '#core/runs/layout';

/** Legs whose pieces, joints or numbers a change speaks of: its own, and those at nodes or measures it touches. */
function findTouched(doc: RunDoc, { ops }: PlannedChange): Set<string> {
  // Settings stand under `leg.system`.
  const ids = new Set(ops.map(({ id }) => id.split('.')[0]!));
  return new Set(Object.values(doc.legs).flatMap((leg) => (ids.has(leg.id) ? [leg.id] : [])));
}

/**
 * Ids of the pieces of legs without couplings of their own, whose number follows the measure; under the leg and the order of
 * its parts, since a part measured past another makes other pieces, and the legs a tube goes through: one that goes on is another piece.
 */
function listPieceIds(doc: RunDoc): Map<string, { readonly leg: string; readonly ids: readonly string[] }> {
  const layout = layOut(doc);
  return new Map(
    [...layout.pieces].flatMap(([leg, pieces]) =>
      layout.legs.get(leg)!.inline.some(({ placedBy }) => placedBy === 'stock')
        ? []
        : [[getKey(layout, leg), { leg, ids: pieces.map(({ id }) => id).sort() }] as const],
    ),
  );
}

const getKey = (layout: RunLayout, leg: string): string =>
  [
    leg,
    ...layout.legs.get(leg)!.inline.map(({ id }) => id),
    ...findPiecesThrough(layout, leg).flatMap(({ path }) => path?.legs ?? []),
  ].join(' ');

const SEEDS = Array.from({ length: 20 }, (_, i) => i + 1);

describe('changes', () => {
  const done = new Set<string>();
  for (const seed of share(SEEDS, [1, ...SEEDS.slice(8)])) {
    it(`seed ${seed}: every change and then its inverse is the document before, and all undone is the empty run`, () => {
      const random = makeRandom(seed);
      const newId = makeIds();
      const empty = newRun('testrun00', '1', {});
      let doc = empty;
      const plans: PlannedChange[] = [];
      for (let step = 0; step < 90; step++) {
        const plan = planRandomCommand(doc, random, newId, seed > 14);
        if (!plan || plan.ops.length === 0) continue;
        const after = applyPlan(doc, plan);
        expect(mustBe(applyOps(after, invertOps(plan.ops)))).to.deep.equal(doc);
        expect(findBrokenReference(after), JSON.stringify(plan.label)).to.equal(null);
        expect(readRunDoc(JSON.parse(JSON.stringify(after))), plan.label.command).to.deep.equal({
          ok: true,
          value: after,
        });
        const [before, now, touched] = [listPieceIds(doc), listPieceIds(after), findTouched(doc, plan)];
        for (const [key, piece] of before) {
          // A tube is of every leg it goes through.
          if (!key.split(' ').some((id) => touched.has(id)) && now.has(key)) {
            expect(now.get(key), plan.label.command).to.deep.equal(piece);
          }
        }
        doc = after;
        plans.push(plan);
        done.add(plan.label.command);
      }
      expect(plans.length).to.be.greaterThan(20);
      for (const plan of plans.reverse()) doc = mustBe(applyOps(doc, invertOps(plan.ops)));
      expect(doc).to.deep.equal(empty);
    });
  }

  it('were made by every command but copying; those that come seldom, in further runs', () => {
    const all = COMMAND_NAMES.filter((name) => name !== 'copy-run').toSorted();
    for (let seed = 100; seed < 200 && done.size < all.length; seed++) {
      const random = makeRandom(seed);
      const newId = makeIds();
      let doc = newRun('testrun00', '1', {});
      for (let step = 0; step < 90; step++) {
        const plan = planRandomCommand(doc, random, newId, seed % 2 === 0);
        if (!plan || plan.ops.length === 0) continue;
        const after = applyPlan(doc, plan);
        if (!done.has(plan.label.command)) {
          expect(mustBe(applyOps(after, invertOps(plan.ops))), plan.label.command).to.deep.equal(doc);
          expect(findBrokenReference(after), plan.label.command).to.equal(null);
          done.add(plan.label.command);
        }
        doc = after;
      }
    }
    expect([...done].sort()).to.deep.equal(all);
  });

  it('does not alter the document it is applied to', () => {
    const doc = makeRun([
      [0, 'right', 20],
      [1, 'down', 10],
    ]);
    const copy = structuredClone(doc);
    mustBe(applyOps(doc, mustBe(planRemoveLegs(layOut(doc), getLeg(doc, 2).id)).ops));
    expect(doc).to.deep.equal(copy);
  });

  it('refuses what does not fit, and says at which operation and why', () => {
    const doc = makeRun([[0, 'right', 20]]);
    const leg = getLeg(doc, 1);
    const place = { in: 'legs', id: leg.id } as const;
    const settings = { in: 'specs', id: `${leg.id}.threaded-steel` } as const;
    const why = (op: Parameters<typeof applyOps>[1][number]) => {
      const result = applyOps(doc, [op]);
      return result.ok ? 'fits' : result.refusal.why;
    };
    expect(why({ op: 'insert', ...place, value: {} })).to.equal('already-there');
    expect(why({ op: 'remove', in: 'legs', id: 'nosuchleg', old: {} })).to.equal('not-there');
    expect(why({ op: 'set', ...settings, field: 'size', old: '1/2', value: '1' })).to.equal('other-value');
    expect(why({ op: 'set', ...place, field: 'nosuch', old: null, value: '1' })).to.equal('not-there');
    expect(why({ op: 'set', ...place, field: 'constructor', old: null, value: '1' })).to.equal('not-there');
    expect(why({ op: 'set', ...settings, field: 'size', old: '3/4', value: '1' })).to.equal('fits');
  });

  it('compares JSON whatever the order of keys', () => {
    expect(isSameJson({ a: 1, b: [1, { c: null }] }, { b: [1, { c: null }], a: 1 })).to.equal(true);
    expect(isSameJson({ a: 1 }, { a: 1, b: 2 })).to.equal(false);
    expect(isSameJson([1], { 0: 1 })).to.equal(false);
    expect(isSameJson(null, {})).to.equal(false);
  });
});

describe('commands', () => {
  const add = (doc: RunDoc, from: string | null, axis: (typeof AXES)[number]) =>
    planAddLeg(doc, newLeg(from, axis, 20), makeIds('more'));

  it('refuses a leg straight back into the one it comes from, naming it', () => {
    const doc = makeRun([[0, 'right', 20]]);
    expect(add(doc, getLeg(doc, 1).to, 'left')).to.deep.equal({
      ok: false,
      refusal: { code: 'leg-straight-back', axis: 'left', mark: '1' },
    });
  });

  it('refuses a way that is taken, a fourth leg, and a point that is not there', () => {
    const doc = makeRun([
      [0, 'right', 20],
      [1, 'right', 20],
      [1, 'down', 20],
    ]);
    const tee = getLeg(doc, 1).to;
    const code = (result: ReturnType<typeof add>) => (result.ok ? 'planned' : result.refusal.code);
    expect(code(add(doc, tee, 'down'))).to.equal('leg-direction-taken');
    expect(code(add(doc, tee, 'up'))).to.equal('leg-node-full');
    expect(code(add(doc, 'nosuchnode', 'up'))).to.equal('leg-begins-nowhere');
    expect(code(add(doc, null, 'up'))).to.equal('leg-begins-nowhere');
  });

  it('takes the cap off where a leg goes on', () => {
    const doc = makeRun([
      [0, 'right', 20, { cap: true }],
      [1, 'down', 20],
    ]);
    expect(doc.nodes[getLeg(doc, 1).to]!.terminal).to.equal(null);
  });

  it('removes a leg with all beyond it, and the whole run with its first', () => {
    const doc = makeRun([
      [0, 'right', 20],
      [1, 'right', 20],
      [1, 'down', 20],
      [3, 'left', 9],
    ]);
    const layout = layOut(doc);
    expect(findLegsBeyond(layout, getLeg(doc, 3).id)).to.have.length(2);
    const without = applyPlan(doc, mustBe(planRemoveLegs(layout, getLeg(doc, 3).id)));
    expect(Object.values(without.legs).map(({ tag }) => tag)).to.deep.equal([1, 2]);
    const nothing = applyPlan(doc, mustBe(planRemoveLegs(layout, getLeg(doc, 1).id)));
    expect(nothing).to.deep.equal({ ...newRun(doc.id, doc.catalogueVersion, {}) });
  });

  it('copies a whole run into an empty one as one change', () => {
    const choices = { 'tape-rounding': { option: '1/8' } } as const;
    const doc = makeRun(
      [
        [0, 'right', 20],
        [1, 'down', 20, { cap: true }],
      ],
      '1',
      choices,
    );
    const empty = newRun('another000', doc.catalogueVersion, { 'tape-rounding': { option: '1 mm' } });
    expect(applyPlan(empty, planCopyRun(doc, empty))).to.deep.equal({ ...doc, id: 'another000' });
  });

  it('refuses unknown legs, and closing a point where legs meet', () => {
    const doc = makeRun([
      [0, 'right', 20],
      [1, 'down', 20],
    ]);
    expect(planChangeMeasure(doc, 'constructor', 1, '1', makeIds()).ok).to.equal(false);
    expect(planRemoveLegs(layOut(doc), 'nosuchleg').ok).to.equal(false);
    expect(planCloseEnd(doc, getLeg(doc, 1).to, { kind: 'cap' }).ok).to.equal(false);
  });
});
