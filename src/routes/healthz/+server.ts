import { json } from '@sveltejs/kit';
import { sql } from 'drizzle-orm';
import { CATALOGUE_VERSION } from '#core/catalogue/standard-catalogue.ts';
import { APP_VERSION } from '#core/formats/app-version.ts';
import { getDatabase } from '#server/service.ts';
import type { RequestHandler } from './$types';

/** Is the server well, and can it reach its database? 200 when both, 503 when the database is away. */
export const GET: RequestHandler = async () => {
  const versions = { app: APP_VERSION, catalogue: CATALOGUE_VERSION };
  try {
    await getDatabase().execute(sql`select 1 from crews limit 1`);
    return json({ server: 'up', database: 'up', ...versions });
  } catch {
    return json({ server: 'up', database: 'away', ...versions }, { status: 503 });
  }
};
