import { expect } from 'chai';
import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DatabaseTooNew, migrateDatabase } from '#server/db/migrate.ts';
import { prepareDatabase } from '#server/service.ts';
import { makeEmptyDatabase } from '#support/test-database.ts';

interface Journal {
  entries: { idx: number; tag: string }[];
}
const journal = JSON.parse(readFileSync('drizzle/meta/_journal.json', 'utf8')) as Journal;

describe('migrations', () => {
  for (const { idx, tag } of journal.entries) {
    it(`upgrade a database that stopped at ${tag}`, async () => {
      const database = await makeEmptyDatabase();
      const folder = mkdtempSync(join(tmpdir(), 'porthole-migrations-'));
      try {
        cpSync('drizzle', folder, { recursive: true });
        const early = { ...journal, entries: journal.entries.slice(0, idx + 1) };
        writeFileSync(join(folder, 'meta/_journal.json'), JSON.stringify(early));
        await migrateDatabase(database.url, folder);
        await prepareDatabase(database.url, 'drizzle');
        const [count] = await database.ask('select count(*)::int as done from drizzle.__drizzle_migrations');
        expect(count!['done']).to.equal(journal.entries.length);
      } finally {
        rmSync(folder, { recursive: true });
        await database.drop();
      }
    });
  }

  it('run once when several servers start together', async () => {
    const database = await makeEmptyDatabase();
    try {
      await Promise.all(Array.from({ length: 4 }, () => prepareDatabase(database.url, 'drizzle')));
      const crews = await database.ask('select id from crews');
      expect(crews).to.have.length(1);
    } finally {
      await database.drop();
    }
  });

  it('leave a database alone that a newer Porthole has brought further, and say so', async () => {
    const database = await makeEmptyDatabase();
    try {
      await prepareDatabase(database.url, 'drizzle');
      await database.ask(
        `insert into drizzle.__drizzle_migrations (hash, created_at) values ('later', 9999999999999)`,
      );
      const refused = await prepareDatabase(database.url, 'drizzle').then(
        () => null,
        (error: unknown) => error,
      );
      expect(refused).to.be.instanceOf(DatabaseTooNew);
      expect(String(refused)).to.match(/newer Porthole.*nothing was changed/);
    } finally {
      await database.drop();
    }
  });

  it('leave no difference to the schema in the code', () => {
    const folder = mkdtempSync(join(tmpdir(), 'porthole-generated-'));
    try {
      cpSync('drizzle', join(folder, 'drizzle'), { recursive: true });
      const before = readdirSync(join(folder, 'drizzle'));
      const config = join(folder, 'drizzle.config.ts');
      const schema = join(process.cwd(), 'src/lib/server/db/schema/schema.ts');
      writeFileSync(
        config,
        `export default { dialect: 'postgresql', schema: '${schema}', out: './drizzle' };`,
      );
      const bin = join(process.cwd(), 'node_modules/.bin/drizzle-kit');
      execFileSync(bin, ['generate', '--config', config], { cwd: folder, stdio: 'pipe' });
      expect(readdirSync(join(folder, 'drizzle'))).to.deep.equal(before);
    } finally {
      rmSync(folder, { recursive: true });
    }
  });
});
