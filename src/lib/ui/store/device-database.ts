import { openDB, type DBSchema, type IDBPDatabase, type IDBPObjectStore } from 'idb';
import type { Change, PlannedChange, RunEvent } from '#core/runs/changes';
import type { SpecimenInput } from '#core/identify';
import type { StandingAnswer } from '#core/formats';
import type { Job } from '#core/jobs';
import type { RunDoc } from '#core/runs/document';
import { newId } from './new-id.ts';

/** A run as the server last confirmed it, kept on this device. */
export interface KeptRun {
  readonly id: string;
  readonly job: string;
  readonly name: string;
  readonly revision: number;
  readonly doc: RunDoc;
  readonly events: readonly RunEvent[];
}

/** Something made here that the server has not confirmed. Entries of a run are sent in the order of their places. */
export type OutboxEntry = { readonly run: string; readonly job: string } & (
  | { readonly kind: 'change'; readonly change: Change }
  | { readonly kind: 'event'; readonly event: RunEvent }
);
export type PlacedEntry = OutboxEntry & { readonly place: number };
/** An entry in sight of this window. `place` is null while this device has not taken it: then it is in this window only. */
export type WaitingEntry = OutboxEntry & { readonly place: number | null };

/** What an entry is, wherever it stands. */
export const keyOf = (entry: OutboxEntry): string =>
  entry.kind === 'change' ? entry.change.id : entry.event.id;
export const keysOf = (entries: readonly OutboxEntry[]): ReadonlySet<string> => new Set(entries.map(keyOf));
/** Keys that are looked up and never shown: nothing on a screen follows them. */
export const makeKeys = (): Set<string> => new Set();

/** What can be taken back and done again, and the revision at which that was so: at another one it no longer holds. */
export interface KeptSteps {
  readonly run: string;
  readonly revision: number;
  readonly done: readonly PlannedChange[];
  readonly undone: readonly PlannedChange[];
}

/** How far a run had come, and its line in small, as this device last knew. */
export interface KeptStanding extends StandingAnswer {
  readonly run: string;
}

interface DeviceSchema extends DBSchema {
  runs: { key: string; value: KeptRun };
  outbox: { key: number; value: OutboxEntry; indexes: { run: string } };
  jobs: { key: string; value: Job };
  /** Steps that can be taken back, as they were at a revision. */
  turns: { key: string; value: KeptSteps };
  /** How far runs had come when this device last knew. */
  standings: { key: string; value: KeptStanding };
  cautions: { key: string; value: { job: string; readAt: string } };
  /** `made`: which making of this database it is. Another one means that the site’s data was wiped in between. */
  about: { key: string; value: string };
  /** Specimens kept here that the server has not confirmed. */
  specimens: {
    key: string;
    value: { id: string; job: string; input: SpecimenInput };
    indexes: { job: string };
  };
}

export type DeviceDatabase = IDBPDatabase<DeviceSchema>;
/** The outbox within a transaction. */
export type Outbox<Mode extends IDBTransactionMode> = IDBPObjectStore<
  DeviceSchema,
  ('runs' | 'outbox' | 'about')[],
  'outbox',
  Mode
>;

let opened: Promise<DeviceDatabase> | null = null;

/** Milliseconds after which a device that says neither yes nor no is taken to keep nothing just now. */
const PATIENCE = 4000;

/** This device's own database: runs as last confirmed, and the outbox. Rejects where the browser keeps nothing. */
export function openDeviceDatabase(): Promise<DeviceDatabase> {
  const opening = (opened ??= open());
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('the device does not answer')), PATIENCE);
  });
  return Promise.race([opening, late]).finally(() => clearTimeout(timer));
}

/** What a browser throws instead of refusing is a refusal like any other. */
async function open(): Promise<DeviceDatabase> {
  const opening = openDB<DeviceSchema>('porthole', 6, {
    upgrade(database, before, _after, tx) {
      // Remembered in an older form: the server says them anew.
      if (before >= 1 && before < 5) void tx.objectStore('jobs').clear();
      if (before < 6) database.createObjectStore('standings', { keyPath: 'run' });
      if (before < 5) void database.createObjectStore('about').put(newId(), 'made');
      if (before < 3) database.createObjectStore('turns', { keyPath: 'run' });
      if (before < 2) database.createObjectStore('specimens', { keyPath: 'id' }).createIndex('job', 'job');
      if (before >= 1) return;
      database.createObjectStore('runs', { keyPath: 'id' });
      database.createObjectStore('outbox', { autoIncrement: true }).createIndex('run', 'run');
      database.createObjectStore('jobs', { keyPath: 'id' });
      database.createObjectStore('cautions', { keyPath: 'job' });
    },
    // An older page of another window is in the way: it lets go when it is told so, and this one waits.
    blocking(_current, _wanted, event) {
      (event.target as IDBDatabase).close();
      opened = null;
    },
    terminated() {
      opened = null;
    },
  });
  opening.catch(() => (opened = null));
  return opening;
}
