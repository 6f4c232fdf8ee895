import { applyOps, type Change } from '#core/runs/changes';
import { findBrokenReference, type RunDoc } from '#core/runs/document';
import type { KeptRun, WaitingEntry } from './device-database.ts';
import { getChanges } from './outbox.ts';

/** A run with what waits on top of it. */
export interface Arranged {
  readonly doc: RunDoc;
  /** What will be sent, in order; each change says the revision it will find. */
  readonly waiting: readonly WaitingEntry[];
  /** Changes that rest on something that is not here any more, and what rests on them: kept, shown, not sent. */
  readonly aside: readonly WaitingEntry[];
}

/**
 * Puts what waits on top of a run. Mostly everything fits and follows. Where this device lost a part of it (its storage refused
 * once, or was wiped), what cannot stand without that part is set aside, and the rest follows without a gap.
 */
export function arrangeWaiting(kept: KeptRun, waiting: readonly WaitingEntry[]): Arranged {
  const changes = getChanges(waiting);
  if (changes.every(({ base }, i) => base === kept.revision + i)) {
    const { doc, fits } = applyWaiting(kept.doc, changes);
    if (fits) return { doc, waiting, aside: [] };
  }
  let doc = kept.doc;
  let base = kept.revision;
  const follow: WaitingEntry[] = [];
  let aside: readonly WaitingEntry[] = waiting;
  // Again as long as it helps: what was kept late may lie behind what rests on it.
  for (let before = Infinity; aside.length < before;) {
    before = aside.length;
    aside = aside.filter((entry) => {
      if (entry.kind === 'event') return follow.push(entry) < 0;
      const after = applyOne(doc, entry.change);
      if (!after) return true;
      doc = after;
      follow.push(entry.change.base === base ? entry : { ...entry, change: { ...entry.change, base } });
      base++;
      return false;
    });
  }
  return { doc, waiting: follow, aside };
}

/** A document with waiting changes applied; whether all of them fit, and what they leave hangs together. */
export function applyWaiting(doc: RunDoc, changes: readonly Change[]): { doc: RunDoc; fits: boolean } {
  let now = doc;
  for (const { ops } of changes) {
    const applied = applyOps(now, ops);
    if (!applied.ok) return { doc: now, fits: false };
    now = applied.value;
  }
  return { doc: now, fits: changes.length === 0 || findBrokenReference(now) === null };
}

function applyOne(doc: RunDoc, change: Change): RunDoc | null {
  const { doc: after, fits } = applyWaiting(doc, [change]);
  return fits ? after : null;
}
