import 'fake-indexeddb/auto';
import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { readFileSync } from 'node:fs';
import { carryUpOps, readRunDoc } from '#core/formats';
import { isSameJson, type Json } from '#core/outcome';
import { applyOps, invertOps, type PlannedChange, type RunEvent } from '#core/runs/changes';
import { newRun, type RunDoc } from '#core/runs/document';
import { mustBe } from '#support/make-run.ts';
import { openDeviceDatabase, type KeptRun, type OutboxEntry } from './device-database.ts';
import { confirmEntry, joinKept, keepRun, moveOn, putInOutbox, readKept, settleOutbox } from './outbox.ts';

let made = 0;
/** A run of its own for each test, at a revision, with records of these ids. */
const makeRun = (revision: number, events: readonly string[], id = `run${made++}`): KeptRun => ({
  id,
  job: 'testjob000',
  name: 'Run',
  revision,
  doc: newRun(id, standardCatalogue.version, {}),
  events: events.map((event) => ({ id: event }) as RunEvent),
});
const makeRecord = ({ id: run, job }: KeptRun, id: string): OutboxEntry => ({
  run,
  job,
  kind: 'event',
  event: { id } as RunEvent,
});
const makeChange = ({ id: run, job }: KeptRun, id: string, base: number): OutboxEntry => ({
  run,
  job,
  kind: 'change',
  change: { id, base, by: 'A', at: '', label: { command: 'remove-legs', legs: [] }, ops: [] } as never,
});
const listEvents = (run: KeptRun | null): readonly string[] | undefined => run?.events.map(({ id }) => id);

describe('the outbox of this device', () => {
  it('takes the server’s answer where nothing was kept, and where nothing happened since it was asked', async () => {
    const first = makeRun(1, ['a']);
    expect(await keepRun(first, null)).to.equal(true);
    const second = makeRun(2, ['a', 'b'], first.id);
    expect(await keepRun(second, first)).to.equal(true);
    expect((await readKept(first.id)).kept).to.deep.equal(second);
  });

  it('does not take an answer that is older than a change or a record confirmed since', async () => {
    for (const later of [
      [2, ['a']],
      [1, ['a', 'b']],
    ] as const) {
      const asked = makeRun(1, ['a']);
      await keepRun(asked, null);
      await keepRun(makeRun(later[0], later[1], asked.id), asked);
      expect(await keepRun(makeRun(3, ['a', 'c'], asked.id), asked)).to.equal(false);
      expect(listEvents((await readKept(asked.id)).kept)).to.deep.equal(later[1]);
    }
  });

  it('does not take an answer while something waits: what waits may be in it already', async () => {
    const run = makeRun(1, []);
    await keepRun(run, null);
    const entry = (await putInOutbox(makeRecord(run, 'mine')))!;
    expect(await keepRun(makeRun(1, ['mine'], run.id), run)).to.equal(false);
    await confirmEntry(entry, null, '2026-01-01T08:00:00.000Z');
    expect(listEvents((await readKept(run.id)).kept)).to.deep.equal(['mine']);
  });

  it('confirms an entry once, whichever window does it', async () => {
    const run = makeRun(1, []);
    await keepRun(run, null);
    const entry = (await putInOutbox(makeRecord(run, 'mine')))!;
    await confirmEntry(entry, null, '');
    await confirmEntry(entry, null, '');
    const { kept, waiting } = await readKept(run.id);
    expect([listEvents(kept), waiting]).to.deep.equal([['mine'], []]);
  });

  it('keeps an entry once, and none that rests on a database that is gone', async () => {
    const run = makeRun(1, []);
    await keepRun(run, null);
    const { made: making } = await readKept(run.id);
    const entry = makeChange(run, 'c1', 1);
    const first = await putInOutbox(entry, making);
    expect((await putInOutbox(entry, making))?.place).to.equal(first?.place);
    expect(await putInOutbox(makeChange(run, 'c2', 2), 'another making')).to.equal(null);
    expect((await readKept(run.id)).waiting).to.have.length(1);
  });

  it('a confirmed change waits no more, and moves the run on by one; over a gap nothing moves', async () => {
    const run = makeRun(1, []);
    await keepRun(run, null);
    const entry = (await putInOutbox(makeChange(run, 'c1', 1)))!;
    expect(moveOn(run, entry, 2, '')?.revision).to.equal(2);
    expect(moveOn(run, entry, 1, '')).to.equal(run);
    expect(moveOn(run, entry, 4, '')).to.equal(null);
    await confirmEntry(entry, 2, '');
    const { kept, waiting } = await readKept(run.id);
    expect([kept?.revision, waiting]).to.deep.equal([2, []]);
  });

  it('a conflict ends with what is in the window only as well', async () => {
    const run = makeRun(1, []);
    await keepRun(run, null);
    await putInOutbox(makeChange(run, 'c1', 1));
    await settleOutbox(makeRun(4, [], run.id), 'mine-on-top', [
      makeChange(run, 'c2', 2),
      makeRecord(run, 'mine'),
    ]);
    const { waiting } = await readKept(run.id);
    expect(waiting.map((each) => (each.kind === 'change' ? each.change.base : each.event.id))).to.deep.equal([
      4,
      5,
      'mine',
    ]);
  });

  it('joins two copies: the further one, with the records of both', () => {
    const [near, far] = [makeRun(3, ['a', 'mine'], 'r'), makeRun(5, ['a', 'theirs'], 'r')];
    for (const joined of [joinKept(near, far), joinKept(far, near)]) {
      expect([joined.revision, listEvents(joined)]).to.deep.equal([5, ['a', 'theirs', 'mine']]);
    }
    expect(joinKept(near, null)).to.equal(near);
  });

  for (const how of ['mine-on-top', 'theirs'] as const) {
    it(`ends a conflict (${how}): records stay, changes follow the server’s or are dropped, other runs are left alone`, async () => {
      const [run, other] = [makeRun(1, ['a', 'confirmed here']), makeRun(1, [])];
      await keepRun(run, null);
      await keepRun(other, null);
      await putInOutbox(makeChange(run, 'c1', 1));
      await putInOutbox(makeRecord(run, 'mine'));
      await putInOutbox(makeChange(other, 'x1', 1));
      await putInOutbox(makeChange(run, 'c2', 2));
      await settleOutbox(makeRun(4, ['a', 'theirs'], run.id), how, []);
      const { kept, waiting } = await readKept(run.id);
      expect([kept?.revision, listEvents(kept)]).to.deep.equal([4, ['a', 'theirs', 'confirmed here']]);
      const said = waiting.map((entry) =>
        entry.kind === 'change' ? [entry.change.id, entry.change.base] : [entry.event.id],
      );
      expect(said).to.deep.equal(how === 'theirs' ? [['mine']] : [['c1', 4], ['mine'], ['c2', 5]]);
      expect((await readKept(other.id)).waiting).to.have.length(1);
    });
  }

  it('what an older Porthole kept here is carried up: the run, what waits on it, and what moves it on', async () => {
    interface History {
      readonly doc: RunDoc;
      readonly changes: readonly PlannedChange[];
    }
    const [, history] = JSON.parse(
      readFileSync('tests/support/histories/version-5.json', 'utf8'),
    ) as History[];
    const { changes, doc: last } = history!;
    const newest = changes.at(-1)!;
    // The run as it was before its newest change, in the form of that version; the change waits.
    const run = 'olderkept001';
    const now = mustBe(readRunDoc(last));
    const before = mustBe(applyOps(now, invertOps(carryUpOps(newest.ops))));
    const database = await openDeviceDatabase();
    const old = { ...mustBe(applyOps(last, invertOps(newest.ops))), id: run };
    expect(old.schema).to.equal(5);
    await database.put('runs', {
      id: run,
      job: 'job0000001',
      name: 'Run',
      revision: 4,
      doc: old,
      events: [],
    });
    const change = { id: 'oldchange1', base: 4, by: 'A', at: '', ...newest };
    await putInOutbox({ run, job: 'job0000001', kind: 'change', change }, null);
    const { kept, waiting } = await readKept(run);
    expect(isSameJson(kept!.doc as unknown as Json, { ...before, id: run } as unknown as Json)).to.equal(
      true,
    );
    expect(waiting.map((entry) => entry.kind === 'change' && entry.change.ops)).to.deep.equal([
      carryUpOps(newest.ops),
    ]);
    await confirmEntry(waiting[0]!, 5, '2026-01-01T08:00:00.000Z');
    const moved = await readKept(run);
    expect([moved.kept!.revision, moved.waiting]).to.deep.equal([5, []]);
    expect(isSameJson(moved.kept!.doc as unknown as Json, { ...now, id: run } as unknown as Json)).to.equal(
      true,
    );
  });
});
