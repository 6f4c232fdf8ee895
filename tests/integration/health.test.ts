import { expect } from 'chai';
import { sql } from 'drizzle-orm';
import { connect } from '#server/db/database.ts';
import { writeOnce } from '#server/db/write-once.ts';
import { FIRST_CREW } from '#server/actor.ts';
import { makeTestDatabase } from '#support/test-database.ts';
import { execute, makeCrew } from '#support/use-cases.ts';

describe('the look at whether the database keeps what is written', () => {
  it('passes where it does, leaves nothing, and fails where there is no more room on the disk', async () => {
    const database = await makeTestDatabase();
    const name = new URL(database.url).pathname.slice(1);
    const first = connect(database.url, 1);
    try {
      await makeCrew(first.db, FIRST_CREW);
      await writeOnce(first.db);
      expect(await execute(first.db, sql`select name from crews where id = ${FIRST_CREW}`)).to.deep.equal([
        { name: 'The shop' },
      ]);
      await execute(first.db, sql.raw(`alter database "${name}" set temp_file_limit = '100kB'`));
      // A row that finds its room in a page that is there is still taken: what is asked must take more.
      const full = connect(database.url, 1);
      try {
        await full.db.transaction(async (tx) => {
          await tx.execute(sql`update crews set name = name where id = ${FIRST_CREW}`);
        });
        expect(
          await writeOnce(full.db).then(
            () => 'taken',
            () => 'refused',
          ),
        ).to.equal('refused');
      } finally {
        await full.close();
      }
    } finally {
      await first.close();
      await database.drop();
    }
  });
});
