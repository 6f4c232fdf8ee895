import { applyOps, type Change } from '#core/runs/change.ts';
import type { RunDoc } from '#core/runs/run.ts';
import {
  openDeviceDatabase,
  type KeptRun,
  type Outbox,
  type OutboxEntry,
  type PlacedEntry,
} from './device-database.ts';

/** Strict: the browser answers only when the bytes are on the disk, so "on this device" survives a closed lid. */
const DURABLE = { durability: 'strict' } as const;

/** Keeps an entry on this device; gives its place once it is safe. */
export async function putInOutbox(entry: OutboxEntry): Promise<PlacedEntry> {
  const database = await openDeviceDatabase();
  const tx = database.transaction('outbox', 'readwrite', DURABLE);
  const place = await tx.store.add(entry);
  await tx.done;
  return { ...entry, place };
}

/** What is kept of a run: as last confirmed, and what waits, in order. */
export async function readKept(run: string): Promise<{ kept: KeptRun | null; waiting: PlacedEntry[] }> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['runs', 'outbox']);
  const kept = (await tx.objectStore('runs').get(run)) ?? null;
  return { kept, waiting: await readWaiting(tx.objectStore('outbox'), run) };
}

async function readWaiting(outbox: Outbox, run: string): Promise<PlacedEntry[]> {
  const waiting: PlacedEntry[] = [];
  let cursor = await outbox.index('run').openCursor(run);
  while (cursor) {
    waiting.push({ ...cursor.value, place: cursor.primaryKey });
    cursor = await cursor.continue();
  }
  return waiting;
}

/** How far two copies of one run have come: records leave the revision as it is, so both count. */
export const isAsFar = (a: KeptRun | null, b: KeptRun | null): boolean =>
  a?.revision === b?.revision && a?.events.length === b?.events.length;

/** Of two copies of one run the one that has come further, with the records of both: no record is ever taken back. */
export function joinKept(a: KeptRun, b: KeptRun | null): KeptRun {
  if (!b) return a;
  const [further, other] = b.revision > a.revision ? [b, a] : [a, b];
  const known = new Set(further.events.map(({ id }) => id));
  return { ...further, events: [...further.events, ...other.events.filter(({ id }) => !known.has(id))] };
}

/**
 * Keeps a run as the server had it when it was asked. False, and nothing is kept, when this device has come further
 * since (`known` is what it kept before asking), or when something made here waits: the answer may be old, or have in it
 * already what waits.
 */
export async function keepRun(run: KeptRun, known: KeptRun | null): Promise<boolean> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['runs', 'outbox'], 'readwrite');
  const there = (await tx.objectStore('runs').get(run.id)) ?? null;
  const waiting = await tx.objectStore('outbox').index('run').count(run.id);
  const isFresh = waiting === 0 && isAsFar(there, known);
  if (isFresh) await tx.objectStore('runs').put(run);
  await tx.done;
  return isFresh;
}

/**
 * Takes a confirmed entry out and moves the kept run on by it, in one transaction. An entry that another window has
 * already taken out changes nothing.
 */
export async function confirmEntry(
  entry: PlacedEntry,
  revision: number | null,
  atServer: string,
): Promise<void> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['runs', 'outbox'], 'readwrite', DURABLE);
  const outbox = tx.objectStore('outbox');
  const runs = tx.objectStore('runs');
  const kept = await runs.get(entry.run);
  if (kept && (await outbox.get(entry.place))) {
    await outbox.delete(entry.place);
    if (entry.kind === 'event') {
      await runs.put({ ...kept, events: [...kept.events, { ...entry.event, atServer }] });
    } else {
      const applied = applyOps(kept.doc, entry.change.ops);
      if (applied.ok && revision !== null) await runs.put({ ...kept, doc: applied.value, revision });
    }
  }
  await tx.done;
}

/**
 * Ends a conflict, in one transaction: the run is the server's, with the records of both; what waits is put on top of it, or
 * its changes are dropped.
 */
export async function settleOutbox(server: KeptRun, how: 'mine-on-top' | 'theirs'): Promise<void> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['runs', 'outbox'], 'readwrite', DURABLE);
  const [runs, outbox] = [tx.objectStore('runs'), tx.objectStore('outbox')];
  const kept = joinKept(server, (await runs.get(server.id)) ?? null);
  await runs.put(kept);
  const waiting = await readWaiting(outbox, server.id);
  for (const { place } of waiting) await outbox.delete(place);
  for (const entry of rebase(waiting, how === 'theirs' ? null : kept.revision)) await outbox.add(entry);
  await tx.done;
}

/** What waits, for a run that is at another revision: changes based on it, or dropped (null). Records are facts and stay. */
function rebase(entries: readonly PlacedEntry[], revision: number | null): OutboxEntry[] {
  let base = revision ?? 0;
  return entries.flatMap((entry): OutboxEntry[] => {
    const place = { run: entry.run, job: entry.job };
    if (entry.kind === 'event') return [{ ...place, kind: 'event', event: entry.event }];
    return revision === null ? [] : [{ ...place, kind: 'change', change: { ...entry.change, base: base++ } }];
  });
}

/** How many changes and records of a job wait on this device. */
export async function countWaiting(job: string): Promise<number> {
  const entries = await (await openDeviceDatabase()).getAll('outbox');
  return entries.filter((entry) => entry.job === job).length;
}

/** The changes among entries. */
export const getChanges = (entries: readonly OutboxEntry[]): Change[] =>
  entries.flatMap((entry) => (entry.kind === 'change' ? [entry.change] : []));

/** A document with waiting changes applied; stops at the first that does not fit. */
export function applyWaiting(doc: RunDoc, changes: readonly Change[]): { doc: RunDoc; fits: boolean } {
  let now = doc;
  for (const change of changes) {
    const applied = applyOps(now, change.ops);
    if (!applied.ok) return { doc: now, fits: false };
    now = applied.value;
  }
  return { doc: now, fits: true };
}
