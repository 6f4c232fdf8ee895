import { carryUpDocument, carryUpOps } from '#core/formats';
import { RUN_SCHEMA, type RunDoc } from '#core/runs/document';
import { applyOps, type Change } from '#core/runs/changes';
import {
  keyOf,
  openDeviceDatabase,
  type KeptRun,
  type Outbox,
  type OutboxEntry,
  type PlacedEntry,
  type WaitingEntry,
} from './device-database.ts';

/** Strict: the browser answers only when the bytes are on the disk, so "on this device" survives a closed lid. */
const DURABLE = { durability: 'strict' } as const;

/** What this device has of a run, and which making of its database says so. */
export interface Shelved {
  readonly kept: KeptRun | null;
  readonly waiting: readonly PlacedEntry[];
  readonly made: string;
}

/**
 * Keeps an entry on this device; gives its place once it is safe. One that is there already (of another window) keeps its place.
 * Null, and nothing is kept, when the database is another making than `made`: what the entry rests on is not in it.
 */
export async function putInOutbox(
  entry: OutboxEntry,
  made: string | null = null,
): Promise<PlacedEntry | null> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['outbox', 'about'], 'readwrite', DURABLE);
  const outbox = tx.objectStore('outbox');
  const isOther = made !== null && (await tx.objectStore('about').get('made')) !== made;
  const there = isOther ? null : await findEntry(outbox as unknown as Outbox<'readwrite'>, entry);
  const place = isOther ? null : (there?.place ?? (await outbox.add(entry)));
  await tx.done;
  return place === null ? null : { ...entry, place };
}

const findEntry = async (outbox: Outbox<'readwrite'>, entry: OutboxEntry): Promise<PlacedEntry | undefined> =>
  (await readWaiting(outbox, entry.run)).find((each) => keyOf(each) === keyOf(entry));

/** What is kept of a run: as last confirmed, and what waits, in order. */
export async function readKept(run: string): Promise<Shelved> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['runs', 'outbox', 'about']);
  const kept = carryKept(await tx.objectStore('runs').get(run)) ?? null;
  const waiting = await readWaiting(tx.objectStore('outbox'), run);
  return { kept, waiting, made: (await tx.objectStore('about').get('made')) ?? '' };
}

async function readWaiting(
  outbox: Outbox<'readonly'> | Outbox<'readwrite'>,
  run: string,
): Promise<PlacedEntry[]> {
  const index = outbox.index('run');
  const [entries, places] = [await index.getAll(run), await outbox.index('run').getAllKeys(run)];
  return entries.map((entry, i) => ({ ...carryEntry(entry), place: places[i]! }));
}

/** What an older Porthole kept here, in the form of this one. */
const carryKept = (kept: KeptRun | undefined): KeptRun | undefined =>
  kept && kept.doc.schema < RUN_SCHEMA
    ? {
        ...kept,
        doc: carryUpDocument(kept.doc as unknown as Readonly<Record<string, unknown>>) as unknown as RunDoc,
      }
    : kept;

function carryEntry(entry: OutboxEntry): OutboxEntry {
  if (entry.kind === 'event') return entry;
  return { ...entry, change: { ...entry.change, ops: carryUpOps(entry.change.ops) } };
}

/** Whether two copies of one run have come as far: records leave the revision as it is, so both count, the records in their order. */
export const isAsFar = (a: KeptRun | null, b: KeptRun | null): boolean =>
  a?.revision === b?.revision &&
  a?.events.length === b?.events.length &&
  (a?.events ?? []).every(({ id }, i) => b?.events[i]?.id === id);

/** Of two copies of one run the one that has come further, with the records of both: no record is ever taken back. */
export function joinKept(a: KeptRun, b: KeptRun | null): KeptRun {
  if (!b) return a;
  const [further, other] = b.revision > a.revision ? [b, a] : [a, b];
  const known = new Set(further.events.map(({ id }) => id));
  const more = other.events.filter(({ id }) => !known.has(id));
  return more.length === 0 ? further : { ...further, events: [...further.events, ...more] };
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
  // A device that has lost the run, or lags behind its window, has come no further.
  const isFresh = waiting === 0 && (isAsFar(there, known) || there === null || isBehind(there, known));
  if (isFresh) await tx.objectStore('runs').put(run);
  await tx.done;
  return isFresh;
}

const isBehind = (a: KeptRun, b: KeptRun | null): boolean =>
  b !== null && a.revision <= b.revision && a.events.length <= b.events.length;

/** What a run is after the server has taken an entry; itself where that is in it already, null where it does not follow. */
export function moveOn(
  kept: KeptRun,
  entry: OutboxEntry,
  revision: number | null,
  atServer: string,
): KeptRun | null {
  if (entry.kind === 'event') {
    if (kept.events.some(({ id }) => id === entry.event.id)) return kept;
    return { ...kept, events: [...kept.events, { ...entry.event, atServer }] };
  }
  if (revision === null || kept.revision >= revision) return kept;
  const applied = kept.revision === revision - 1 ? applyOps(kept.doc, entry.change.ops) : null;
  return applied?.ok ? { ...kept, doc: applied.value, revision } : null;
}

/**
 * Takes a confirmed entry out and moves the kept run on by it, in one transaction. An entry that another window has
 * already taken out changes nothing.
 */
export async function confirmEntry(
  entry: WaitingEntry,
  revision: number | null,
  atServer: string,
): Promise<void> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['runs', 'outbox'], 'readwrite', DURABLE);
  const outbox = tx.objectStore('outbox');
  const runs = tx.objectStore('runs');
  const there = entry.place === null ? undefined : await outbox.get(entry.place);
  const isHere = there !== undefined && keyOf(there) === keyOf(entry);
  if (isHere) await outbox.delete(entry.place!);
  const kept = isHere || entry.place === null ? carryKept(await runs.get(entry.run)) : undefined;
  const moved = kept && moveOn(kept, entry, revision, atServer);
  if (moved && moved !== kept) await runs.put(moved);
  await tx.done;
}

/**
 * Puts a run on this device as its window has it, where the device has not come further, and takes out what the server has
 * confirmed meanwhile (by keys): in one transaction, since what waits behind it rests on both.
 */
export async function repairKept(run: KeptRun, confirmed: ReadonlySet<string>): Promise<void> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['runs', 'outbox'], 'readwrite', DURABLE);
  const [runs, outbox] = [tx.objectStore('runs'), tx.objectStore('outbox')];
  const there = (await runs.get(run.id)) ?? null;
  const joined = joinKept(run, there);
  if (!isAsFar(joined, there)) await runs.put(joined);
  for (const entry of await readWaiting(outbox as unknown as Outbox<'readwrite'>, run.id)) {
    if (confirmed.has(keyOf(entry))) await outbox.delete(entry.place);
  }
  await tx.done;
}

/**
 * Ends a conflict, in one transaction: the run is the server's, with the records of both; what waits (`mine`: in the window only)
 * is put on top of it, or its changes are dropped.
 */
export async function settleOutbox(
  server: KeptRun,
  how: 'mine-on-top' | 'theirs',
  mine: readonly OutboxEntry[],
): Promise<void> {
  const database = await openDeviceDatabase();
  const tx = database.transaction(['runs', 'outbox'], 'readwrite', DURABLE);
  const [runs, outbox] = [tx.objectStore('runs'), tx.objectStore('outbox')];
  const kept = joinKept(server, (await runs.get(server.id)) ?? null);
  await runs.put(kept);
  const placed = await readWaiting(outbox as unknown as Outbox<'readwrite'>, server.id);
  const known = new Set(placed.map(keyOf));
  const waiting = [...placed, ...mine.filter((entry) => !known.has(keyOf(entry)))];
  for (const { place } of placed) await outbox.delete(place);
  for (const entry of rebase(waiting, how === 'theirs' ? null : kept.revision)) await outbox.add(entry);
  await tx.done;
}

/** What waits, for a run that is at another revision: changes based on it, or dropped (null). Records are facts and stay. */
export function rebase(entries: readonly OutboxEntry[], revision: number | null): OutboxEntry[] {
  let base = revision ?? 0;
  return entries.flatMap((entry): OutboxEntry[] => {
    const place = { run: entry.run, job: entry.job };
    if (entry.kind === 'event') return [{ ...place, kind: 'event', event: entry.event }];
    return revision === null ? [] : [{ ...place, kind: 'change', change: { ...entry.change, base: base++ } }];
  });
}

/** Takes entries out of the outbox, whatever becomes of them. */
export async function dropFromOutbox(entries: readonly WaitingEntry[]): Promise<void> {
  const tx = (await openDeviceDatabase()).transaction('outbox', 'readwrite', DURABLE);
  for (const { place } of entries) if (place !== null) await tx.store.delete(place);
  await tx.done;
}

/** How many changes and records of a job wait on this device. */
export async function countWaiting(job: string): Promise<number> {
  const entries = await (await openDeviceDatabase()).getAll('outbox');
  return entries.filter((entry) => entry.job === job).length;
}

/** The changes among entries. */
export const getChanges = (entries: readonly OutboxEntry[]): Change[] =>
  entries.flatMap((entry) => (entry.kind === 'change' ? [entry.change] : []));
