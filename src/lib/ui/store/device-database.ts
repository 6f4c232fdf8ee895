import { openDB, type DBSchema, type IDBPDatabase, type IDBPObjectStore } from 'idb';
import type { Change } from '#core/runs/change.ts';
import type { RunEvent } from '#core/runs/event.ts';
import type { SpecimenInput } from '#core/identify/specimen.ts';
import type { Job } from '#core/runs/job.ts';
import type { RunDoc } from '#core/runs/run.ts';
import type { Turns } from './run-steps.svelte.ts';

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
  { readonly kind: 'change'; readonly change: Change } | { readonly kind: 'event'; readonly event: RunEvent }
);
export type PlacedEntry = OutboxEntry & { readonly place: number };

interface DeviceSchema extends DBSchema {
  runs: { key: string; value: KeptRun };
  outbox: { key: number; value: OutboxEntry; indexes: { run: string } };
  jobs: { key: string; value: Job };
  /** Steps that can be taken back, as they were at a revision. */
  turns: { key: string; value: Turns };
  cautions: { key: string; value: { job: string; readAt: string } };
  /** Specimens kept here that the server has not confirmed. */
  specimens: {
    key: string;
    value: { id: string; job: string; input: SpecimenInput };
    indexes: { job: string };
  };
}

export type DeviceDatabase = IDBPDatabase<DeviceSchema>;
/** The outbox within a transaction. */
export type Outbox = IDBPObjectStore<DeviceSchema, ('runs' | 'outbox')[], 'outbox', IDBTransactionMode>;

let opened: Promise<DeviceDatabase> | null = null;

/** Opens this device's own database: runs as last confirmed, and the outbox. Rejects where the browser keeps nothing. */
export function openDeviceDatabase(): Promise<DeviceDatabase> {
  opened ??= openDB<DeviceSchema>('porthole', 4, {
    upgrade(database, before, _after, tx) {
      // Remembered as they were before jobs could be finished: the server says them anew.
      if (before >= 1 && before < 4) void tx.objectStore('jobs').clear();
      if (before < 3) database.createObjectStore('turns', { keyPath: 'run' });
      if (before < 2) database.createObjectStore('specimens', { keyPath: 'id' }).createIndex('job', 'job');
      if (before >= 1) return;
      database.createObjectStore('runs', { keyPath: 'id' });
      database.createObjectStore('outbox', { autoIncrement: true }).createIndex('run', 'run');
      database.createObjectStore('jobs', { keyPath: 'id' });
      database.createObjectStore('cautions', { keyPath: 'job' });
    },
    terminated() {
      opened = null;
    },
  });
  opened.catch(() => (opened = null));
  return opened;
}
