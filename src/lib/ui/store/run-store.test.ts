import 'fake-indexeddb/auto';
import { expect } from 'chai';
import { mock } from 'node:test';
import type { Change } from '#core/runs/changes';
import { planSayZone } from '#core/runs/commands';
import { planRandomCommand } from '#support/random-command.ts';
import { DeviceTrouble } from '#support/device-trouble.ts';
import { JOB, Trial } from '#support/run-trial.ts';
import { share } from '#support/share.ts';
import { keyOf } from './device-database.ts';
import { putInOutbox, readKept } from './outbox.ts';

/** Seeds of each kind that are tried; a probe tries many more. */
const SEEDS = Number(process.env['PORTHOLE_SEEDS'] ?? share(30, 12));

describe('a run on a device', () => {
  const fetched = globalThis.fetch;
  let trial: Trial | null = null;

  before(() => mock.timers.enable({ apis: ['setTimeout'] }));
  let trouble: DeviceTrouble | null = null;
  afterEach(() => {
    trouble?.end();
    trouble = null;
    trial?.close();
  });
  after(() => {
    mock.timers.reset();
    globalThis.fetch = fetched;
  });

  it('an edit is laid out along the run before it: under the same house rules, as one object, nothing else is new', async () => {
    const my = (trial = new Trial(1, 'along'));
    const store = await my.open();
    for (let step = 0; step < 60 && (store.layout?.legs.size ?? 0) < 5; step++) my.apply(store);
    const { rules, layout } = store;
    const legs = layout ? [...layout.legs.keys()] : [];
    expect(legs.length).to.be.greaterThan(2);
    const zoned = planSayZone(store.doc!, [legs[0]!], 'indoors');
    if (!zoned.ok) throw new Error('the leg is gone');
    expect(store.apply(zoned.value).ok).to.equal(true);
    expect(store.rules).to.equal(rules);
    expect(store.layout).not.to.equal(layout);
    for (const id of legs) expect(store.layout!.pieces.get(id), id).to.equal(layout!.pieces.get(id));
  });

  for (let seed = 1; seed <= SEEDS; seed++) {
    it(`one window, a slow network that fails at times, reloads (seed ${seed}): nothing is lost or flickers`, async () => {
      const my = (trial = new Trial(seed, 'alone'));
      let store = await my.open();
      for (let step = 0; step < 25; step++) {
        const dice = my.random();
        if (dice < 0.35) my.apply(store);
        else if (dice < 0.6) my.record(store);
        else if (dice < 0.7) store.undo();
        else if (dice < 0.75) store.redo();
        else if (dice < 0.8) my.server.isAway = !my.server.isAway;
        else if (dice < 0.85) void store.refresh();
        else if (dice < 0.9) {
          await my.until(() => store.unkept === 0, 'kept on this device');
          my.close();
          store = await my.open();
        } else mock.timers.tick(2600);
        await my.wait(Math.floor(my.random() * 60), new Map([[store, my.recorded]]));
        expect(store.conflict, 'nobody else changed the run').to.equal(null);
      }
      await my.settle();
      my.expectAllOnServer(store);
    });
  }

  for (let seed = 1; seed <= SEEDS; seed++) {
    it(`a device that refuses at times and whose data is wiped at times (seed ${seed}): nothing is lost, sent without end, or stored without what it rests on`, async () => {
      const my = (trial = new Trial(seed, 'full'));
      const device = (trouble = new DeviceTrouble());
      let store = await my.open();
      const made: string[] = [];
      for (let step = 0; step < 25; step++) {
        const dice = my.random();
        if (dice < 0.35) my.apply(store);
        else if (dice < 0.5) my.record(store);
        else if (dice < 0.62) device.refuses = !device.refuses;
        else if (dice < 0.7) await device.wipe();
        else if (dice < 0.78) my.server.isAway = !my.server.isAway;
        else if (dice < 0.83) void store.refresh();
        else if (dice < 0.9) {
          // Leaving asks while anything is in the window only; so nobody leaves then.
          device.refuses = false;
          await store.shelf.read();
          await my.until(() => store.unkept === 0, 'kept on this device');
          await store.shelf.settled();
          my.close();
          store = await my.open();
        } else mock.timers.tick(4100);
        made.push(...store.waiting.map((entry) => (entry.kind === 'change' ? entry.change.id : '')));
        await my.wait(Math.floor(my.random() * 60), new Map([[store, my.recorded]]));
        expect(store.conflict, 'nobody else changed the run').to.equal(null);
        expect(store.shelf.aside, 'nothing is set aside that this window made').to.deep.equal([]);
      }
      device.refuses = false;
      await my.settle();
      my.expectAllOnServer(store);
      const kept = new Set(my.server.changes.map(({ id }) => id));
      expect(
        made.filter((id) => id !== '' && !kept.has(id)),
        'changes that were never kept',
      ).to.deep.equal([]);
      expect(my.server.requests, 'requests').to.be.below(600);
    });
  }

  for (let seed = 1; seed <= SEEDS; seed++) {
    it(`two windows and another device (seed ${seed}): all come to the same run, and no record is lost`, async () => {
      const my = (trial = new Trial(seed, 'both'));
      await my.open();
      await my.open();
      const by = new Map(my.stores.map((store) => [store, [] as string[]]));
      for (let step = 0; step < 25; step++) {
        const dice = my.random();
        const store = my.pick();
        if (dice < 0.3) my.apply(store);
        else if (dice < 0.6) {
          my.record(store);
          by.get(store)!.push(my.recorded.at(-1)!);
        } else if (dice < 0.7) {
          const planned = planRandomCommand(my.server.doc, my.random, my.newId);
          if (planned && planned.ops.length > 0) my.server.changeElsewhere(planned, my.newId());
        } else if (dice < 0.75) my.server.isAway = !my.server.isAway;
        else if (dice < 0.85) void store.refresh();
        else mock.timers.tick(2600);
        await my.wait(Math.floor(my.random() * 60), by);
      }
      await my.settle();
      for (const store of my.stores) {
        expect(store.doc).to.deep.equal(my.server.doc);
        expect(store.revision).to.equal(my.server.revision);
        expect(store.events.map(({ id }) => id)).to.deep.equal(my.server.events.map(({ id }) => id));
      }
      expect(my.server.events.map(({ id }) => id).toSorted()).to.deep.equal(my.recorded.toSorted());
    });
  }

  for (const refusal of [
    { code: 'work-given-up', why: 'too-busy' },
    { code: 'route-unknown' },
    { code: 'host-refused', host: 'elsewhere' },
    { code: 'run-unknown', run: 'run' },
    { code: 'body-not-json' },
    { code: 'database-away' },
  ])
    it(`a server that says ${refusal.code} to an edit has not refused it: it waits, no conflict is made of it, and it is sent again`, async () => {
      const my = (trial = new Trial(4, `way${refusal.code.replaceAll('-', '')}`));
      const store = await my.open();
      my.server.refusal = refusal;
      for (let i = 0; i < 3; i++) my.apply(store);
      my.record(store);
      await my.until(() => store.trouble?.code === refusal.code, 'said');
      const waiting = store.waiting.length;
      await my.wait(60, new Map([[store, my.recorded]]));
      expect(store.conflict).to.equal(null);
      expect(store.waiting).to.have.length(waiting);
      my.server.refusal = null;
      await my.settle();
      my.expectAllOnServer(store);
    });

  it('works online where the browser keeps nothing at all, and says so', async () => {
    const my = (trial = new Trial(1, 'none'));
    const device = (trouble = new DeviceTrouble());
    device.isShut = true;
    const store = await my.open();
    expect(store.phase).to.equal('ready');
    expect(store.shelf.refused).to.equal(true);
    for (let step = 0; step < 12; step++) {
      my.apply(store);
      if (step % 3 === 0) my.record(store);
      await my.wait(20, new Map([[store, my.recorded]]));
    }
    await my.settle();
    my.expectAllOnServer(store);
    expect(store.shelf.refused).to.equal(true);
  });

  it('an edit that the device refuses once is kept when it takes it again, before what was made after it', async () => {
    const my = (trial = new Trial(2, 'once'));
    const device = (trouble = new DeviceTrouble());
    const store = await my.open();
    my.server.isAway = true;
    device.refuses = true;
    my.record(store);
    await my.until(() => store.shelf.refused, 'refused');
    expect(store.unkept).to.equal(1);
    my.record(store);
    device.refuses = false;
    mock.timers.tick(4100);
    await my.until(() => store.unkept === 0, 'kept');
    expect(store.shelf.refused).to.equal(false);
    const { waiting } = await readKept(my.run);
    expect(waiting.map(keyOf)).to.deep.equal(my.recorded);
  });

  it('what was stored without what it rests on is set aside, the run opens, and the rest goes on', async () => {
    const my = (trial = new Trial(3, 'hole'));
    const leg = (id: string, from: string | null): Change => ({
      id,
      base: from ? 5 : 6,
      by: 'A',
      at: '2026-01-01T08:00:00.000Z',
      label: { command: 'add-leg', leg: 1, turn: null },
      ops: from
        ? [
            {
              op: 'insert',
              in: 'anchors',
              id: 'anchor0001',
              value: { id: 'anchor0001', node: from, role: 'source' },
            },
          ]
        : [
            {
              op: 'insert',
              in: 'nodes',
              id: 'nodealone1',
              value: { id: 'nodealone1', part: { kind: 'auto' }, terminal: null },
            },
          ],
    });
    for (const change of [leg('restsonlost', 'lostnode01'), leg('standsalone', null)])
      await putInOutbox({ run: my.run, job: JOB.id, kind: 'change', change });
    const store = await my.open();
    await my.until(() => store.phase === 'ready', 'open');
    expect(store.shelf.aside.map(keyOf)).to.deep.equal(['restsonlost']);
    await my.until(() => store.waiting.length === 0, 'the rest is on the server');
    expect(Object.keys(my.server.doc.nodes)).to.deep.equal(['nodealone1']);
    expect(store.doc).to.deep.equal(my.server.doc);
    await store.shelf.dropAside();
    expect((await readKept(my.run)).waiting).to.deep.equal([]);
    expect(store.shelf.aside).to.deep.equal([]);
  });
});
