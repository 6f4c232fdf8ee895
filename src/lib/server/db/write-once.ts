import { sql } from 'drizzle-orm';
import { FIRST_CREW } from '../actor.ts';
import type { Database } from './database.ts';

/**
 * Does to the database what an edit does, and leaves nothing: changes a row and has it kept, and takes room on its disk that it did not have before (a
 * list put in order in less memory than it needs is written down). A changed row alone finds its room in a page that is there, so that a full disk
 * would not be noticed.
 */
export const writeOnce = (db: Database): Promise<void> =>
  db.transaction(async (tx) => {
    await tx.execute(sql`update crews set name = name where id = ${FIRST_CREW}`);
    await tx.execute(sql`set local work_mem = '64kB'`);
    await tx.execute(
      sql`select count(*) from (select md5(i::text) as sign from generate_series(1, 8000) i order by sign offset 0) signs`,
    );
  });
