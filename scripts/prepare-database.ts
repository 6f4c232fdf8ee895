import { prepareDatabase } from '#server/service.ts';
import { ensureDatabase } from './ensure-database.ts';

/** Makes and migrates the database that DATABASE_URL names. */
const url = process.env['DATABASE_URL'];
if (!url) throw new Error('DATABASE_URL is not set');
await ensureDatabase(url);
await prepareDatabase(url, 'drizzle');
