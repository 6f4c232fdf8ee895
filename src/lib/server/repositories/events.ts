import { and, asc, eq } from 'drizzle-orm';
import type { RunEvent } from '#core/runs/changes';
import type { Queryable } from '../db/database.ts';
import { events } from '../db/schema/schema.ts';

/** Adds an event; gives the moment it arrived, or null when the crew already has one of that id. */
export async function insertEvent(
  db: Queryable,
  crew: string,
  run: string,
  event: RunEvent,
): Promise<Date | null> {
  const row = { crew, id: event.id, run, subject: event.subject, event };
  const [kept] = await db
    .insert(events)
    .values(row)
    .onConflictDoNothing()
    .returning({ atServer: events.atServer });
  return kept?.atServer ?? null;
}

/** The event of this id, with the run it belongs to; null when there is none. */
export async function findEvent(
  db: Queryable,
  crew: string,
  id: string,
): Promise<{ run: string; event: RunEvent; atServer: Date } | null> {
  const [row] = await db
    .select({ run: events.run, event: events.event, atServer: events.atServer })
    .from(events)
    .where(and(eq(events.crew, crew), eq(events.id, id)));
  return row ?? null;
}

/** The events of a run in order of arrival, each with the moment it arrived. */
export async function listEvents(db: Queryable, crew: string, run: string): Promise<RunEvent[]> {
  const rows = await db
    .select({ event: events.event, atServer: events.atServer })
    .from(events)
    .where(and(eq(events.crew, crew), eq(events.run, run)))
    .orderBy(asc(events.place));
  return rows.map(({ event, atServer }) => ({ ...event, atServer: atServer.toISOString() }));
}

/** Rows of one statement. */
const ROWS = 500;

/** Adds the events of a run as a file tells of them, with the moments they arrived, in their order. */
export async function insertEventsFromFile(
  db: Queryable,
  crew: string,
  run: string,
  all: readonly (RunEvent & { readonly atServer: string })[],
): Promise<void> {
  for (let from = 0; from < all.length; from += ROWS) {
    await db.insert(events).values(
      all.slice(from, from + ROWS).map((event) => {
        const { id, subject, atServer } = event;
        return { crew, id, run, subject, event, atServer: new Date(atServer) };
      }),
    );
  }
}
