import type { Length } from '../units/length.ts';
import type { RunEvent } from './event.ts';

/** A piece as it was cut: the last thing said of it that still stands. */
export interface AsCut {
  readonly length: Length;
  readonly by: string;
  readonly at: string;
  readonly event: string;
}

/** What the events add up to. */
export interface Facts {
  readonly asCut: ReadonlyMap<string, AsCut>;
}

export const NO_FACTS: Facts = { asCut: new Map() };

/** Folds the events of a run, oldest first, into facts. A correction counts only if it corrects what stands. */
export function foldEvents(events: readonly RunEvent[]): Facts {
  const asCut = new Map<string, AsCut>();
  for (const event of events) {
    const stands = asCut.get(event.subject);
    if (event.kind === 'correction' && stands?.event !== event.corrects) continue;
    if (event.said.length === null) asCut.delete(event.subject);
    else {
      asCut.set(event.subject, {
        length: event.said.length,
        by: event.by,
        at: event.atDevice,
        event: event.id,
      });
    }
  }
  return { asCut };
}
