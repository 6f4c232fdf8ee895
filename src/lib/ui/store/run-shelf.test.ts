import 'fake-indexeddb/auto';
import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import type { RunEvent } from '#core/runs/changes';
import { newRun } from '#core/runs/document';
import { DeviceTrouble } from '#support/device-trouble.ts';
import { keyOf, type KeptRun, type OutboxEntry, type WaitingEntry } from './device-database.ts';
import { mergeShelves } from './merge-shelves.ts';
import { putInOutbox, readKept, repairKept } from './outbox.ts';
import { RunShelf } from './run-shelf.svelte.ts';

let made = 0;
const AT = '2026-01-01T08:00:00.000Z';

/** A run of its own for each test. */
function makeRun(revision: number, events: readonly string[], id = `shelf${made++}`): KeptRun {
  const doc = newRun(id, standardCatalogue.version, {});
  return {
    id,
    job: 'testjob000',
    name: 'Run',
    revision,
    doc,
    events: events.map((event) => makeEvent(event)),
  };
}
const makeEvent = (id: string): RunEvent => ({ id }) as RunEvent;
const makeRecord = ({ id: run, job }: KeptRun, id: string): OutboxEntry => ({
  run,
  job,
  kind: 'event',
  event: makeEvent(id),
});
const makeChange = ({ id: run, job }: KeptRun, id: string, base: number): OutboxEntry => ({
  run,
  job,
  kind: 'change',
  change: { id, base, by: 'A', at: AT, label: { command: 'add-leg', leg: 1, turn: null }, ops: [] },
});

async function openShelf(run: KeptRun): Promise<RunShelf> {
  const shelf = new RunShelf(run.id, { changed: () => undefined, asked: () => undefined });
  await shelf.read();
  await shelf.takeAnswer(run, null);
  return shelf;
}

describe('the shelf of a run', () => {
  let trouble: DeviceTrouble;
  let shelf: RunShelf;
  beforeEach(() => {
    trouble = new DeviceTrouble();
  });
  afterEach(() => {
    trouble.end();
    shelf.close();
  });

  it('a device that lagged behind is brought up before anything is kept that rests on it', async () => {
    const run = makeRun(1, []);
    shelf = await openShelf(run);
    shelf.add(makeChange(run, 'first', 1));
    await shelf.settled();
    trouble.refuses = true;
    await shelf.confirm(shelf.waiting[0]!, 2, AT);
    trouble.refuses = false;
    shelf.add(makeChange(run, 'second', 2));
    await shelf.settled();
    const { kept, waiting } = await readKept(run.id);
    expect([kept?.revision, waiting.map(keyOf)]).to.deep.equal([2, ['second']]);
  });

  it('an answer is not taken while something is in the window only: the answer may have it already', async () => {
    const run = makeRun(1, []);
    shelf = await openShelf(run);
    trouble.refuses = true;
    shelf.add(makeRecord(run, 'mine'));
    await shelf.settled();
    trouble.refuses = false;
    expect(await shelf.takeAnswer(makeRun(1, ['mine'], run.id), run)).to.equal(false);
    expect((await readKept(run.id)).kept?.events).to.deep.equal([]);
  });

  it('a change that the server took though another window had dropped it is in sight', async () => {
    const run = makeRun(1, []);
    shelf = await openShelf(run);
    const node = { id: 'nodenew001', part: { kind: 'auto' }, terminal: null } as const;
    const late = { ...makeChange(run, 'late', 1), place: null } as WaitingEntry & { kind: 'change' };
    const ops = [{ op: 'insert', in: 'nodes', id: node.id, value: node }] as const;
    await shelf.confirm({ ...late, change: { ...late.change, ops } }, 2, AT);
    expect(shelf.kept?.revision).to.equal(2);
    expect(Object.keys(shelf.doc?.nodes ?? {})).to.deep.equal(['nodenew001']);
  });

  it('what was dropped in a conflict is out of sight, though the server’s run is the one that was here', async () => {
    const run = makeRun(1, []);
    shelf = await openShelf(run);
    const node = { id: 'nodenew001', part: { kind: 'auto' }, terminal: null } as const;
    const mine = makeChange(run, 'mine', 1) as OutboxEntry & { kind: 'change' };
    const ops = [{ op: 'insert', in: 'nodes', id: node.id, value: node }] as const;
    const entry = { ...mine, change: { ...mine.change, ops } };
    shelf.add(entry, { ...run.doc, nodes: { [node.id]: node } });
    await shelf.settled();
    await shelf.settle(run, 'theirs');
    expect(shelf.waiting).to.deep.equal([]);
    expect(shelf.doc?.nodes).to.deep.equal({});
  });

  it('what was let go of does not come back, though the device would not hear of it', async () => {
    const run = makeRun(1, []);
    shelf = await openShelf(run);
    const rests = makeChange(run, 'rests', 7);
    const missing = { op: 'remove', in: 'nodes', id: 'nowhere001', old: {} } as const;
    await putInOutbox({
      ...rests,
      change: { ...(rests as { change: object }).change, ops: [missing] },
    } as never);
    await shelf.read();
    expect(shelf.aside.map(keyOf)).to.deep.equal(['rests']);
    trouble.isShut = true;
    await shelf.dropAside();
    trouble.isShut = false;
    await shelf.read();
    expect(shelf.aside).to.deep.equal([]);
    expect(shelf.waiting).to.deep.equal([]);
  });

  for (const how of ['theirs', 'mine-on-top'] as const)
    it(`a conflict is ended (${how}) though the device refuses: changes follow the server’s or are dropped`, async () => {
      const run = makeRun(1, []);
      shelf = await openShelf(run);
      trouble.refuses = true;
      shelf.add(makeChange(run, 'mine', 1));
      shelf.add(makeRecord(run, 'fact'));
      await shelf.settled();
      await shelf.settle(makeRun(4, [], run.id), how);
      const said = shelf.waiting.map((entry) =>
        entry.kind === 'change' ? ['mine', entry.change.base] : ['fact'],
      );
      expect(said).to.deep.equal(how === 'theirs' ? [['fact']] : [['mine', 4], ['fact']]);
    });
});

describe('what a window and its device come to', () => {
  it('what the server has confirmed here does not come back from the device', async () => {
    const run = makeRun(1, []);
    const entry = (await putInOutbox(makeRecord(run, 'mine')))!;
    const memory = { kept: run, waiting: [], confirmed: new Set([keyOf(entry)]) };
    for (const isWiped of [false, true])
      expect(mergeShelves(memory, { kept: run, waiting: [entry] }, isWiped).waiting).to.deep.equal([]);
  });

  it('a repair takes out what is confirmed, and leaves the rest', async () => {
    const run = makeRun(2, []);
    const [gone] = [
      (await putInOutbox(makeChange(run, 'gone', 1)))!,
      await putInOutbox(makeRecord(run, 'stays')),
    ];
    await repairKept(run, new Set([keyOf(gone)]));
    expect((await readKept(run.id)).waiting.map(keyOf)).to.deep.equal(['stays']);
  });
});
