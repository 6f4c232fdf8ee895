import { sql } from 'drizzle-orm';
import type { WeighedJob } from '#core/formats';
import type { Queryable } from '../db/database.ts';

/**
 * So many jobs of a crew, the oldest first, those after one of them (by its id) or from the oldest on, with the bytes that each takes
 * in a file. A row as text, in which every quote stands twice, is longer than the same as JSON; the names of its fields come on top.
 */
export async function weighJobs(
  db: Queryable,
  crew: string,
  most: number,
  after: string | null,
): Promise<WeighedJob[]> {
  const since =
    after === null
      ? sql``
      : sql`and (j.created_at, j.id) > (select a.created_at, a.id from jobs a where a.crew = ${crew} and a.id = ${after})`;
  const { rows } = await db.execute<{ id: string; at: Date; bytes: string }>(sql`
    select j.id, j.created_at as at,
      1000 + octet_length(j::text)
      + coalesce((select sum(octet_length(p.name) + 10)
          from job_people w join people p on p.crew = w.crew and p.id = w.person
          where w.crew = j.crew and w.job = j.id), 0)
      + coalesce((select sum(octet_length(s::text) + 100)
          from specimens s
          where s.crew = j.crew and s.job = j.id), 0)
      + coalesce((select sum(octet_length(m::text) + 100)
          from milestones m
          where m.crew = j.crew and m.job = j.id), 0)
      + coalesce((select sum(octet_length(r::text) + 200
        + coalesce((select sum(octet_length(c::text) + 200)
            from changes c
            where c.crew = r.crew and c.run = r.id), 0)
        + coalesce((select sum(octet_length(e::text) + 100)
            from events e
            where e.crew = r.crew and e.run = r.id), 0)
        ) from runs r where r.crew = j.crew and r.job = j.id), 0) as bytes
    from jobs j where j.crew = ${crew} ${since} order by j.created_at, j.id limit ${most}`);
  return rows.map(({ id, at, bytes }) => ({
    id,
    createdAt: new Date(at).toISOString(),
    bytes: Number(bytes),
  }));
}
