import type { Length } from '#core/units';
import type { HookUpItem } from './hook-up.ts';
import type { RunEvent } from './event.ts';

/** Who said something of a piece, and when. */
export interface Tick {
  readonly by: string;
  readonly at: string;
  readonly event: string;
}

/** A piece as it was cut: the last thing said of it that still stands. */
export interface AsCut extends Tick {
  readonly length: Length;
}

/** What the events add up to, by the id of the piece (of a hook-up, of the node). */
export interface Facts {
  readonly asCut: ReadonlyMap<string, AsCut>;
  /** Ticked off: made as it was asked. */
  readonly ticked: ReadonlyMap<string, Tick>;
  /** Node of an appliance → what of its hook-up was looked at and is right. */
  readonly hookUps: ReadonlyMap<string, ReadonlyMap<HookUpItem, Tick>>;
}

export const NO_FACTS: Facts = { asCut: new Map(), ticked: new Map(), hookUps: new Map() };

/** Folds the events of a run, oldest first, into facts. A correction counts only if it corrects what stands. */
export function foldEvents(events: readonly RunEvent[]): Facts {
  const asCut = new Map<string, AsCut>();
  const ticked = new Map<string, Tick>();
  const hookUps = new Map<string, Map<HookUpItem, Tick>>();
  for (const event of events) {
    const { subject } = event;
    const tick: Tick = { by: event.by, at: event.atDevice, event: event.id };
    switch (event.kind) {
      case 'ticked':
        ticked.set(subject, tick);
        break;
      case 'hook-up': {
        const items = hookUps.get(subject) ?? new Map<HookUpItem, Tick>();
        hookUps.set(subject, items);
        if (event.said.is) items.set(event.said.item, tick);
        else items.delete(event.said.item);
        break;
      }
      case 'as-cut':
        asCut.set(subject, { ...tick, length: event.said.length });
        break;
      case 'correction':
        if (ticked.get(subject)?.event === event.corrects) ticked.delete(subject);
        else if (asCut.get(subject)?.event !== event.corrects) break;
        else if (event.said.length === null) asCut.delete(subject);
        else asCut.set(subject, { ...tick, length: event.said.length });
    }
  }
  return { asCut, ticked, hookUps };
}
