import { expect } from 'chai';
import { mock } from 'node:test';
import { standardCatalogue } from '#core/catalogue';
import type { RunEvent } from '#core/runs/changes';
import type { Job } from '#core/jobs';
import { newRun } from '#core/runs/document';
import { inches } from '#core/units';
import { planRandomCommand } from './random-command.ts';
import { makeRandom } from './random-run.ts';
import { rest, ServerInMemory } from './server-in-memory.ts';
import type { Conflict } from '../../src/lib/ui/store/run-conflict.ts';
import { RunStore } from '../../src/lib/ui/store/run-store.svelte.ts';

/** The real one: the store's is moved on by hand. */
const sleep = globalThis.setTimeout;

export const JOB: Job = {
  id: 'testjob000',
  name: 'Job',
  place: '',
  units: 'in',
  gas: 'natural',
  jurisdiction: 'us-model',
  edition: '',
  createdAt: '2026-01-01T08:00:00.000Z',
  people: [],
  ruleChoices: {},
  runs: [],
  runCount: 0,
  milestones: [],
};

export const makeEvent = (id: string, runRevision: number): RunEvent => ({
  id,
  kind: 'as-cut',
  subject: 'piece~one',
  runRevision,
  asked: {
    mark: '1',
    size: '3/4',
    exact: inches(12),
    onTape: inches(12),
    catalogueVersion: standardCatalogue.version,
    rulePackVersion: '1',
  },
  said: { length: inches(12), typed: '12' },
  instrument: 'tape',
  simulated: false,
  by: 'Ada Quill',
  atDevice: '2026-01-01T08:00:00.000Z',
  atServer: null,
  corrects: null,
});

/** Milliseconds of real time that a busy machine is given: its database takes the time it takes, however the clock is moved on. */
const PATIENCE = 5000;

/** A device and a server, and whatever befalls them. Every run has a name of its own: the device keeps them all. */
export class Trial {
  readonly server: ServerInMemory;
  stores: RunStore[] = [];
  readonly recorded: string[] = [];
  readonly random: () => number;
  readonly run: string;
  #made = 0;

  constructor(seed: number, kind: string) {
    this.random = makeRandom(seed);
    this.run = `run${kind}${seed}`;
    this.server = new ServerInMemory(
      JOB,
      newRun(this.run, standardCatalogue.version, {}),
      this.run,
      this.random,
    );
    globalThis.fetch = this.server.fetch as typeof fetch;
  }

  newId = (): string => `t${this.run}n${this.#made++}`;

  async open(): Promise<RunStore> {
    const store = new RunStore(JOB.id, this.run, standardCatalogue);
    this.stores.push(store);
    void store.open();
    await this.until(() => store.phase !== 'opening', 'the run is open');
    return store;
  }

  pick(): RunStore {
    return this.stores[Math.floor(this.random() * this.stores.length)]!;
  }

  apply(store: RunStore): void {
    const planned = store.doc && planRandomCommand(store.doc, this.random, this.newId);
    if (planned && planned.label.command !== 'copy-run') store.apply(planned);
  }

  record(store: RunStore): void {
    const id = this.newId();
    store.record(makeEvent(id, store.revision));
    this.recorded.push(id);
  }

  /** Lets time pass; what was recorded at a window stays in its sight. */
  async wait(turns: number, seers: ReadonlyMap<RunStore, readonly string[]>): Promise<void> {
    for (let turn = 0; turn < turns; turn++) {
      await rest();
      for (const [store, ids] of seers) {
        const seen = new Set(store.events.map(({ id }) => id));
        expect(
          ids.filter((id) => !seen.has(id)),
          'recorded here and gone from the screen',
        ).to.deep.equal([]);
        expect(store.events.length, 'records shown twice').to.equal(seen.size);
      }
    }
  }

  /** The retry of the store is moved on by hand; modules and the device's database take the time they take. */
  async until(isSo: () => boolean, what: string): Promise<void> {
    const began = performance.now();
    for (let turn = 0; turn < 20_000 || performance.now() - began < PATIENCE; turn++) {
      if (isSo()) return;
      await rest();
      if (turn % 50 < 49) continue;
      await new Promise((resolve) => sleep(resolve, 1));
      mock.timers.tick(2600);
    }
    throw new Error(`never came to be: ${what}`);
  }

  async settle(): Promise<void> {
    this.server.isAway = false;
    await this.until(() => {
      for (const store of this.stores) this.#answer(store);
      return (
        this.server.pending === 0 &&
        this.stores.every(({ waiting, conflict }) => waiting.length === 0 && conflict === null)
      );
    }, 'everything is on the server');
    await Promise.all(this.stores.map((store) => store.refresh()));
    // A window whose device came further while the server was asked asks again after a while: that too is waited for.
    const isUpToDate = ({ kept }: RunStore) =>
      kept?.revision === this.server.revision && kept.events.length === this.server.events.length;
    await this.until(
      () => this.server.pending === 0 && this.stores.every(isUpToDate),
      'every window has what the server has',
    );
    for (let turn = 0; turn < 200; turn++) await rest();
  }

  /** Answers a conflict once, as the screen allows it. */
  #answer(store: RunStore): void {
    const { conflict } = store;
    if (!conflict || this.#answered.has(conflict)) return;
    this.#answered.add(conflict);
    void store.settle(conflict.fits && this.random() < 0.7 ? 'mine-on-top' : 'theirs');
  }
  readonly #answered = new Set<Conflict>();

  /** What the server holds is what was made here: everything, once, in order. */
  expectAllOnServer(store: RunStore): void {
    expect(store.doc).to.deep.equal(this.server.doc);
    expect(store.revision).to.equal(this.server.revision);
    expect(store.events.map(({ id }) => id)).to.deep.equal(this.server.events.map(({ id }) => id));
    expect(this.server.events.map(({ id }) => id).toSorted()).to.deep.equal(this.recorded.toSorted());
  }

  close(): void {
    for (const store of this.stores) store.close();
    this.stores = [];
  }
}
